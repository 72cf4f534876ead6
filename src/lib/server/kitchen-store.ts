import { eq } from 'drizzle-orm';
import { emptyKitchen, kitchenSchema, type Kitchen } from '$core/kitchen';
import { inWriteQueue, type Database } from './database';
import { reading } from './readable';
import { kitchens } from './schema';

const ONLY = 1;

/** The household's kitchen; an empty one in this machine's zone before the first is saved. */
export async function readKitchen(database: Database): Promise<Kitchen> {
  const [row] = await database.select().from(kitchens).where(eq(kitchens.id, ONLY));
  if (!row) return emptyKitchen(Intl.DateTimeFormat().resolvedOptions().timeZone);
  const read = reading(kitchenSchema, row.document);
  return 'value' in read ? read.value : kitchenSchema.parse(row.document);
}

/** Replaces the household’s kitchen. */
export async function saveKitchen(database: Database, kitchen: Kitchen): Promise<void> {
  const document = kitchenSchema.parse(kitchen);
  await inWriteQueue(async () => {
    await database
      .insert(kitchens)
      .values({ id: ONLY, document })
      .onConflictDoUpdate({ target: kitchens.id, set: { document } });
  });
}
