declare global {
  namespace App {
    interface Error {
      message: string;
    }
    interface Locals {
      /** Whether the passcode was given; always, where none is asked for. */
      signedIn: boolean;
      /** What this request is called in the log. */
      requestId: string;
    }
  }
}

export {};
