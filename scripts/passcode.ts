/**
 * The passcode for the network, on the machine itself:
 * `npm run passcode` asks for one; `-- --unlock` forgets failed tries; `-- --off` takes it away.
 */
import { createInterface } from 'node:readline/promises';
import { removePasscode, setPasscode, unlock } from '$lib/server/access';
import { openDatabase } from '$lib/server/database';

const database = await openDatabase(process.env.DATABASE_URL);
const [option] = process.argv.slice(2);
if (option === '--unlock') {
  await unlock(database);
  console.log('Failed tries are forgotten.');
} else if (option === '--off') {
  await removePasscode(database);
  console.log('There is no passcode any more: only this machine comes in.');
} else if (option === undefined) {
  const asked = createInterface({ input: process.stdin, output: process.stdout });
  const passcode = (await asked.question('New passcode: ')).trim();
  asked.close();
  const set = await setPasscode(database, passcode);
  if (set.ok)
    console.log('The passcode is set. Screens that came in before have to give it again.');
  else {
    console.error(`${set.problems[0]?.message}; ${set.problems[0]?.remedy}.`);
    process.exitCode = 1;
  }
} else {
  console.error('usage: npm run passcode [-- --unlock | --off]');
  process.exitCode = 2;
}
