import { expect, test } from './garden';

test('a number of the handbook is found, replaced by one’s own, marked wherever it counts, and put back', async ({ open, page }) => {
  await open('/house-rules');
  await page.getByRole('link', { name: 'The handbook' }).click();
  await page.getByRole('textbox', { name: 'Find a number' }).fill('gust open');
  const row = page.locator('[data-constant="wind.gust-open"]').last();
  await expect(row).toContainText('20 m/s');
  await row.getByRole('button', { name: /Change/ }).click();
  await row.getByLabel(/, from .* to /).fill('500');
  await row.getByLabel(/, from .* to /).press('Enter');
  await expect(row.locator('.problem')).toContainText('from 8 m/s to 60 m/s');
  await row.getByLabel(/, from .* to /).fill('25');
  await row.getByLabel(/, from .* to /).press('Enter');
  await expect(row).toContainText('your own; ours is 20 m/s');
  await expect(page.getByRole('link', { name: 'The handbook' })).toContainText('1 of your own');

  await open('/sums/tipping');
  await expect(page.getByRole('complementary', { name: 'Answer' }).locator('.large')).toContainText('83');
  await open('/house-rules/handbook');
  await page.getByRole('button', { name: 'Back to ours' }).first().click();
  await expect(page.getByText('None yet.')).toBeVisible();
  await open('/sums/tipping');
  await expect(page.getByRole('complementary', { name: 'Answer' }).locator('.large')).toContainText('71');
});

test('a step whose tool is lacking says so and offers another way; a bit that is not there names the nearest', async ({ open, page }) => {
  await open('/house-rules/tools');
  await page.getByLabel('Stapler: had, borrowed or lacking').selectOption('Lacking');
  await page.getByLabel('Drill: sizes').fill('4, 5 mm');
  await page.getByLabel('Drill: who may use it').fill('Ilka');
  await page.getByLabel('Drill: who may use it').press('Tab');
  await expect(page.getByRole('link', { name: 'Tool shelf' })).toContainText('1 not had');
  await open('/make/1');
  await expect(page.getByText('You lack stapler. Tack through a strip of card with short nails.')).toBeVisible();
  await expect(page.getByText('Drill, 4 mm bit (only Ilka)').first()).toBeVisible();
  await open('/make/2');
  await page.getByRole('checkbox', { name: /Drill \d+ holes/ }).uncheck();
  await expect(page.getByText('You lack drill, 10 mm bit. The nearest on the shelf is 5 mm')).toBeVisible();
});

test('a question is found by its words, answered on its drawing, and opens from its link', async ({ open, page }) => {
  await open('/sums/volume-round-tub');
  await page.getByRole('searchbox', { name: 'Search the questions' }).fill('tip hand');
  await page.getByRole('link', { name: 'Will it tip over in wind or under a hand?' }).click();
  const answer = page.getByRole('complementary', { name: 'Answer' });
  await expect(answer.locator('.large')).toContainText('71');
  const foot = page.getByRole('textbox', { name: 'Foot, across its narrow way' });
  await foot.fill('300');
  await foot.press('Enter');
  await expect(answer.locator('.verdict')).toHaveAttribute('data-verdict', 'Fails');
  await answer.getByRole('button', { name: 'Put it in' }).first().click();
  await expect(answer.locator('.verdict')).toHaveAttribute('data-verdict', 'Tight');
  await page.getByText('It could fall on people or from a height').click();
  await expect(answer.locator('.verdict')).toHaveAttribute('data-verdict', 'AskAProfessional');
  await page.getByRole('searchbox', { name: 'Search the questions' }).fill('perpetual motion');
  await expect(page.getByText('No question has all these words.')).toBeVisible();
});

test('a price of one’s own is what is reckoned with, and the guess is one tap away', async ({ open, page }) => {
  await open('/house-rules/manner');
  await page.getByRole('link', { name: 'the handbook, under Prices' }).click();
  await page.getByPlaceholder(/steel, compost/).fill('outdoor screws');
  // Once it is one’s own it stands above, among those, as well.
  const row = page.getByRole('listitem').filter({ hasText: '6 × 60 mm, 50 in a box' }).first();
  await expect(row).toContainText('€ 8.50');
  await row.getByRole('button', { name: /^Change/ }).click();
  await row.getByRole('textbox').fill('95');
  await row.getByRole('textbox').press('Enter');
  await expect(row).toContainText('€ 95.00');
  await page.getByPlaceholder(/steel, compost/).fill('');
  await expect(page.getByText('Your own').first()).toBeVisible();
  // It is told in the reader’s units like all else.
  await page.getByLabel('Units').selectOption('in');
  await page.getByPlaceholder(/steel, compost/).fill('batten');
  await expect(page.getByRole('listitem').filter({ hasText: 'Batten' }).first()).toContainText(' in');
});
