import { z } from 'zod';

// The content security policy forbids code made from strings, which Zod would use for speed.
z.config({ jitless: true });
