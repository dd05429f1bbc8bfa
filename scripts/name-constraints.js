// What an authority of the household may sign for: addresses of private networks and this machine's own names (RFC 5280 §4.2.1.10).
// Whoever gets hold of its key can then pretend to be nobody else.

/** Addresses and names under which nobody can be reached from the internet: RFC 1918, 1122, 3927, 6598; names of the local link, RFC 6762. */
export const PRIVATE_RANGES = [
  ...['10.0.0.0/8', '172.16.0.0/12', '192.168.0.0/16', '127.0.0.0/8', '169.254.0.0/16', '100.64.0.0/10'],
  ...['localhost', 'local']
];
const OID = '2.5.29.30';

/** @param {string} name */
export const isAddress = (name) => /^\d+(\.\d+){3}$/.test(name);

/** A name or address that is permitted alone. @param {string} name */
export const rangeOf = (name) => (isAddress(name) ? `${name}/32` : name);

/** @param {string} address */
const numberOf = (address) => address.split('.').reduce((sum, part) => sum * 256 + Number(part), 0);

/** Whether a range holds a name or an address. @param {string} range @param {string} name */
export function holds(range, name) {
  if (isAddress(name) !== range.includes('/')) return false;
  if (!isAddress(name)) return name === range || name.endsWith(`.${range}`);
  const [address = '', bits = '32'] = range.split('/');
  const size = 2 ** (32 - Number(bits));
  return Math.floor(numberOf(name) / size) === Math.floor(numberOf(address) / size);
}

/** Whether nobody can be reached from the internet under a name or address. @param {string} name */
export const isPrivate = (name) => PRIVATE_RANGES.some((range) => holds(range, name));

/** The extension for a certificate. @param {readonly string[]} ranges */
export async function limitedTo(ranges) {
  const [{ Extension }, { AsnConvert }, asn] = await libraries();
  const permitted = ranges.map((range) => {
    const base = new asn.GeneralName(range.includes('/') ? { iPAddress: range } : { dNSName: range });
    return new asn.GeneralSubtree({ base });
  });
  const constraints = new asn.NameConstraints({ permittedSubtrees: new asn.GeneralSubtrees(permitted) });
  return new Extension(OID, true, AsnConvert.serialize(constraints));
}

/** Whether a certificate may sign for all of some names: one without limits may. @param {string} pem @param {readonly string[]} names */
export async function maySign(pem, names) {
  const [{ X509Certificate }, { AsnConvert }, asn] = await libraries();
  const extension = new X509Certificate(pem).getExtension(OID);
  if (!extension) return true;
  const { permittedSubtrees } = AsnConvert.parse(extension.value, asn.NameConstraints);
  const ranges = [...(permittedSubtrees ?? [])].map(({ base }) => base.dNSName ?? base.iPAddress ?? '');
  return names.every((name) => ranges.some((range) => holds(range, name)));
}

const libraries = () =>
  Promise.all([import('@peculiar/x509'), import('@peculiar/asn1-schema'), import('@peculiar/asn1-x509')]);
