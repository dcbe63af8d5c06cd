/** The part of the validator that the tests use; the package ships no types. */
declare module 'gltf-validator' {
  export interface ValidationReport {
    readonly issues: {
      readonly numErrors: number;
      readonly numWarnings: number;
      readonly messages: readonly { readonly code: string; readonly message: string }[];
    };
    readonly info: Readonly<Record<string, unknown>>;
  }
  export function validateBytes(bytes: Uint8Array): Promise<ValidationReport>;
}
