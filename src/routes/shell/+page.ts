// The page without anything in it: kept on the phone and given where the server is out of reach.
export const ssr = false;
