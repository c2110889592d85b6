import { expect, test } from './garden';

test('a board is lengthened on its drawing until it fails, and the remedy put in makes it just hold', async ({ open, page }) => {
  await open('/sums/board-span');
  const answer = page.getByRole('complementary', { name: 'Answer' });
  await expect(answer.locator('.large')).toContainText('65');
  const span = page.getByRole('textbox', { name: 'Centre to centre of posts' });
  await span.fill('0.8m');
  await span.press('Enter');
  await expect(answer.locator('.verdict')).toHaveAttribute('data-verdict', 'Fails');
  await answer.getByRole('button', { name: 'Put it in' }).first().click();
  await expect(answer.locator('.verdict')).toHaveAttribute('data-verdict', 'Tight');
  await expect(span).toHaveValue('578');

  // The link brings all of it back, on a machine that has seen none of it.
  const address = page.url();
  await page.goto('about:blank');
  await page.goto(address);
  await expect(page.getByRole('textbox', { name: 'Centre to centre of posts' })).toHaveValue('578');
  await expect(page.locator('.answer .verdict')).toHaveAttribute('data-verdict', 'Tight');
});

test('a slide shows both sides of the answer and what was typed stays when another sum is looked at', async ({ open, page }) => {
  await open('/sums/volume-round-tub');
  const answer = page.getByRole('complementary', { name: 'Answer' });
  await expect(answer.locator('.large')).toContainText('97 litres');
  const slide = page.getByLabel('Slide: height inside');
  await slide.focus();
  await slide.press('ArrowRight');
  await expect(answer.locator('.large')).not.toContainText('97 litres');
  const litres = await answer.locator('.large').innerText();
  await page.getByRole('link', { name: 'How much does half a drum on its side hold?' }).click();
  await expect(answer.locator('.large')).toContainText('108');
  await page.getByRole('link', { name: 'How much does a round tub hold?' }).click();
  await expect(answer.locator('.large')).toContainText(litres.split(' ')[0]);
});

test('holes worked out by themselves go into the project of a tub', async ({ open, page }) => {
  await open('/sums/hole-spacing');
  const pad = page.getByRole('textbox', { name: 'Coarse pad over each hole' });
  await pad.fill('100');
  await pad.press('Enter');
  const hole = page.getByRole('textbox', { name: 'Hole', exact: true });
  await hole.fill('12mm');
  await hole.press('Enter');
  await page.getByRole('link', { name: 'Juice-drum tub' }).click();
  await expect(page.getByLabel('Project', { exact: true })).toHaveValue('Juice-drum tub');
  await expect(page.getByRole('status').or(page.getByText('12 mm')).first()).toBeVisible();
  await expect(page.locator('output', { hasText: '12 mm' })).toBeVisible();
  await expect(page.locator('output', { hasText: '100 mm' }).first()).toBeVisible();
});

test('a wrong input says why at its place, keeps the last answer, and soil over a metre gets no number', async ({ open, page }) => {
  await open('/sums/post-embedment');
  const answer = page.getByRole('complementary', { name: 'Answer' });
  await expect(answer.locator('.large')).toContainText('422');
  const spacing = page.getByRole('textbox', { name: 'Between posts' });
  await spacing.fill('100');
  await spacing.press('Enter');
  await expect(page.locator('.problem').first()).toContainText('three thicknesses');
  await expect(answer.locator('.large')).toContainText('422');
  await spacing.fill('450');
  await spacing.press('Enter');
  await expect(page.locator('.problem')).toHaveCount(0);
  const soil = page.getByRole('textbox', { name: 'Soil held back' });
  await soil.fill('1.1 m');
  await soil.press('Enter');
  await expect(answer.locator('.verdict')).toHaveAttribute('data-verdict', 'AskAProfessional');
  await expect(answer.locator('.large')).toHaveCount(0);
});

test('a constant changed in a sum is one’s own, here and in the house rules of every other sum', async ({ open, page }) => {
  await open('/sums/nitrogen-hold');
  const answer = page.getByRole('complementary', { name: 'Answer' });
  await expect(answer.locator('.large')).toContainText('0.0318');
  await answer.getByRole('button', { name: 'change' }).first().click();
  await answer.getByLabel(/, from .* to /).fill('0.16');
  await answer.getByRole('button', { name: 'Use it' }).click();
  await expect(answer.locator('.large')).toContainText('0.0636');
  await expect(answer.getByText('your own value')).toBeVisible();
  // Undone, the answer follows without being asked.
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(answer.locator('.large')).toContainText('0.0318');
  await expect(answer.getByText('your own value')).toHaveCount(0);
});

test('the tub on the board, the spacing of its holes and how many they are say the same, from one to the next', async ({ open, page }) => {
  await open('/draw/drilled-tub?source=10');
  const board = page.getByRole('button', { name: /Spacing of the holes, show the sum/ }).first();
  const spacing = (await board.locator('b').innerText()).trim();
  const holes = (await page.getByRole('button', { name: /Holes in the foot, show the sum/ }).locator('b').innerText()).trim();
  await board.click();
  await page.getByRole('link', { name: 'Work it by itself' }).click();
  const answer = page.getByRole('complementary', { name: 'Answer' });
  await expect(answer.getByRole('heading', { level: 2 })).toHaveText('Spacing of the holes');
  await expect(answer.locator('.large b')).toHaveText(spacing);
  await expect(page.getByRole('link', { name: 'Work it by itself' })).toHaveCount(0);

  // On to the holes: the spacing goes along, and it is told whose answer it is.
  await answer.getByRole('link', { name: 'How many holes, and where?' }).click();
  await expect(page.getByRole('textbox', { name: 'No farther apart than' })).toHaveValue(spacing);
  const fed = page.getByRole('region', { name: 'Answered by other sums' });
  await expect(fed).toContainText(`${spacing} mm`);
  await expect(fed).toContainText('taken here');
  const typed = page.getByRole('textbox', { name: 'No farther apart than' });
  await typed.fill('200');
  await typed.press('Enter');
  await fed.getByRole('button', { name: `Take ${spacing} mm` }).click();
  await expect(typed).toHaveValue(spacing);

  // The holes of the same tub by themselves are as many as on its board.
  await open('/draw/drilled-tub?source=10');
  await page.getByRole('button', { name: /Holes in the foot, show the sum/ }).click();
  await page.getByRole('link', { name: 'Work it by itself' }).click();
  await expect(answer.locator('.large b')).toHaveText(holes);
});

test('a sum opened after the one that answers it starts with that answer', async ({ open, page }) => {
  await open('/sums/hole-spacing');
  const tolerated = page.getByRole('textbox', { name: 'Wet depth the plants tolerate' });
  await tolerated.fill('30');
  await tolerated.press('Enter');
  const answer = page.getByRole('complementary', { name: 'Answer' });
  await expect(answer.locator('.large b')).not.toHaveText('190');
  const said = (await answer.locator('.large b').innerText()).trim();
  await page.getByRole('link', { name: 'How many holes, and where?' }).first().click();
  await expect(page.getByRole('textbox', { name: 'No farther apart than' })).toHaveValue(said);
  await expect(page.getByRole('region', { name: 'Answered by other sums' })).toContainText('taken here');
});

test('a number of one’s own changed in a sum is what the form starts with from then on; what was typed stays', async ({ open, page }) => {
  await open('/sums/hole-spacing');
  const rain = page.getByRole('textbox', { name: 'Rain designed for', exact: true });
  const before = await rain.inputValue();
  const answer = page.getByRole('complementary', { name: 'Answer' });
  const apart = answer.locator('.large b');
  await expect(apart).toHaveText('190');
  await answer.getByRole('button', { name: 'change' }).click();
  await answer.getByRole('textbox').fill('20');
  await answer.getByRole('textbox').press('Enter');
  await expect(rain).toHaveValue('20 mm/h');
  await expect(apart).not.toHaveText('190');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(rain).toHaveValue(before);
  await rain.fill('15');
  await rain.press('Enter');
  await answer.getByRole('button', { name: 'change' }).click();
  await answer.getByRole('textbox').fill('25');
  await answer.getByRole('textbox').press('Enter');
  await expect(answer.getByText('your own value', { exact: true })).toBeVisible();
  await expect(rain).toHaveValue('15 mm/h');
});
