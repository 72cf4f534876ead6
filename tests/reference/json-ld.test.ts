import Validator from '@adobe/structured-data-validator';
import WebAutoExtractor from '@marbec/web-auto-extractor';
import { describe, expect, it } from 'vitest';
import { toJsonLd } from '$core/recipe';
import { demoHousehold } from '../../src/demo/household';

const { dishes } = demoHousehold(Date.parse('2026-10-01T12:00:00Z'));
interface Issue {
  severity: string;
  issueMessage: string;
}

/** Reference: the registry's @adobe/structured-data-validator, rules of schema.org for Recipe. */
async function issuesOf(data: unknown): Promise<Issue[]> {
  const html = `<script type="application/ld+json">${JSON.stringify(data)}</script>`;
  const extracted = new WebAutoExtractor({ addLocation: true, embedSource: [] }).parse(html);
  return (await new Validator().validate(extracted)) as Issue[];
}

describe('JSON-LD that goes out', () => {
  it.each(dishes.map((d) => [d.name, d] as const))(
    '%s: a validator finds no error',
    async (_, dish) => {
      const issues = await issuesOf(toJsonLd(dish, { system: 'metric', scale: 'C' }));
      // A photo is the household's own choice; nothing else may be missing.
      const errors = issues.filter(
        (i) => i.severity === 'ERROR' && !/"image"/.test(i.issueMessage),
      );
      expect(errors).toEqual([]);
    },
  );

  it('the validator does find what is wrong', async () => {
    const broken = { '@context': 'https://schema.org', '@type': 'Recipe', image: 'x.jpg' };
    const issues = await issuesOf(broken);
    expect(issues.some((i) => i.severity === 'ERROR' && /name/.test(i.issueMessage))).toBe(true);
  });
});
