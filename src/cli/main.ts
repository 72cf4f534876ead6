/** `olive SUBCOMMAND`: the core on the command line. */
import { useHouseWords } from '$core/reason';
import { runCommand } from './run';

useHouseWords();
process.exitCode = await runCommand(process.argv.slice(2));
