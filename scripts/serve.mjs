/** Serves the built application on this machine only, unless HOST says otherwise. */
const port = process.env.PORT || '4747';
process.env.PORT = port;
process.env.HOST ||= '127.0.0.1';
process.env.ORIGIN ||= `http://${process.env.HOST}:${port}`;
process.env.SHUTDOWN_TIMEOUT ||= '2';

await import('../build/index.js');
console.log(`Olive Clock is at ${process.env.ORIGIN}`);
