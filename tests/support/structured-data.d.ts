/** What the tests use of two packages that ship without types. */
declare module '@adobe/structured-data-validator' {
  export default class Validator {
    validate(extracted: unknown): Promise<unknown[]>;
  }
}
declare module '@marbec/web-auto-extractor' {
  export default class WebAutoExtractor {
    constructor(options: { addLocation: boolean; embedSource: string[] });
    parse(html: string): unknown;
  }
}
