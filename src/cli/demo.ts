import { demoHousehold } from '../demo/household';
import type { Command } from './command';

export const demoCommand: Command = {
  about: 'the demo household as a household file',
  usage: `usage: npm run -s olive -- demo > household.json

Prints the demo household, its meals set ahead of now.`,
  run: () => {
    console.log(JSON.stringify(demoHousehold(Date.now()), null, 1));
    return 0;
  },
};
