import { expect, test } from './garden';
import { looksRight } from './looks';

test('beside the pail a gardener says on a phone what goes into it, and keeps it', async ({ open, page }) => {
  await open('/plant/6');
  await expect(page.getByText('stays wet')).toBeAttached();
  await page.getByRole('button', { name: 'A layer at the foot' }).tap();
  await page.getByLabel('What layer 1 is').selectOption('Woodchip');
  await page.getByLabel('Thickness').last().fill('50 mm');
  await page.getByLabel('Thickness').last().press('Enter');
  await expect(page.getByText('stands 75 mm lower than it was drawn')).toBeVisible();
  await page.getByRole('button', { name: 'Keep it' }).tap();
  await expect(page.getByRole('button', { name: 'Back to the house rule' })).toBeVisible();
  await looksRight(page, true);
  await page.getByRole('button', { name: 'Back to the house rule' }).tap();
  await expect(page.getByRole('slider')).toHaveCount(1);
});
