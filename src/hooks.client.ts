import { z } from 'zod';
import { useHouseWords } from '$core/reason';

// The content security policy forbids code made from strings, which Zod would use for speed.
z.config({ jitless: true });
useHouseWords();
