/** A certificate for https in the house, made on the spot and kept beside the database. */
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { X509Certificate } from 'node:crypto';
import { isIP } from 'node:net';
import { join } from 'node:path';
import { generate } from 'selfsigned';

/** Browsers take no certificate that is good for longer. */
const DAYS = 397;

/**
 * @param folder where it is kept
 * @param names host names and addresses that it is for
 */
export async function certificate(folder, names) {
  const [keyFile, certFile] = [join(folder, 'key.pem'), join(folder, 'certificate.pem')];
  if (existsSync(keyFile) && existsSync(certFile)) {
    const kept = { key: readFileSync(keyFile), cert: readFileSync(certFile) };
    if (isGood(kept.cert, names)) return { ...kept, certFile, isNew: false };
  }
  const now = new Date();
  const { private: key, cert } = await generate([{ name: 'commonName', value: 'Olive Clock' }], {
    keySize: 2048,
    algorithm: 'sha256',
    notBeforeDate: now,
    notAfterDate: new Date(now.getTime() + DAYS * 86_400_000),
    extensions: [
      { name: 'basicConstraints', cA: false },
      { name: 'keyUsage', digitalSignature: true, keyEncipherment: true },
      { name: 'extKeyUsage', serverAuth: true },
      {
        name: 'subjectAltName',
        altNames: names.map((name) =>
          isIP(name) ? { type: 7, ip: name } : { type: 2, value: name },
        ),
      },
    ],
  });
  mkdirSync(folder, { recursive: true });
  writeFileSync(keyFile, key, { mode: 0o600 });
  writeFileSync(certFile, cert);
  return { key, cert, certFile, isNew: true };
}

/** Good for another week, and for every name. */
function isGood(pem, names) {
  const cert = new X509Certificate(pem);
  const isFresh = Date.parse(cert.validTo) > Date.now() + 7 * 86_400_000;
  const isFor = (name) => (isIP(name) ? cert.checkIP(name) : cert.checkHost(name)) !== undefined;
  return isFresh && names.every(isFor);
}
