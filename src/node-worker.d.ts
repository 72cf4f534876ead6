declare module '*?nodeworker' {
  /** The bundled source of a Node worker. */
  const code: string;
  export default code;
}
