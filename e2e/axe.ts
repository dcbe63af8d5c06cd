import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';

/**
 * What axe finds, a line each. A drawing is one picture with a name to it; the lines inside are not
 * read. There are no frames, so that nothing is gathered from any.
 */
export async function axeFinds(page: Page, rules?: string[]): Promise<readonly string[]> {
  const axe = new AxeBuilder({ page })
    .setLegacyMode(true)
    .options({ resultTypes: ['violations'] })
    .exclude('.board svg g')
    .exclude('.apexcharts-canvas svg');
  const { violations } = await (rules ? axe.withRules(rules) : axe).analyze();
  return violations.map((one) => `${one.id}: ${one.nodes.map((node) => node.html).join(' ')}`);
}
