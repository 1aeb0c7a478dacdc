import { expect, keepRider, test, visit } from '../support/test';

const nurse = '/bikes/00000003-0000-4000-8000-000000000002';
const longtail = '/bikes/00000003-0000-4000-8000-000000000003';

test('a battery is laid into a measured frame, pushed to its place and kept, with and without network', async ({
  page,
  shop,
}) => {
  const fill = async (figures: Record<string, string>) => {
    for (const [name, value] of Object.entries(figures)) await page.getByTestId(`field-${name}`).fill(value);
  };
  const verdict = (text: string) => expect(page.getByText(text, { exact: true }).first()).toBeVisible();
  await page.goto(shop.url + nurse);
  await page.getByRole('link', { name: /^Battery/ }).click();
  await expect(page.getByText('Measure the tubes of the frame and the battery')).toBeVisible();

  // Tubes that do not meet are told, and what was typed stays.
  await page.getByTestId('bay-tubes').click();
  await fill({ downLength: '20', downDiameter: '40', downAngle: '45.3', seatLength: '430', seatDiameter: '32' });
  await fill({ seatAngle: '73,2', topLength: '1200', topDiameter: '32', topAngle: '6.8' });
  await fill({ headLength: '71', headDiameter: '36', headAngle: '72' });
  await page.getByTestId('keep-tubes').click();
  await expect(page.getByText('With these figures the tubes do not meet.').first()).toBeVisible();
  await fill({ downLength: '575', topLength: '505' });
  await page.getByTestId('keep-tubes').click();
  await expect(page.getByTestId('bay-tubes')).toContainText('down 575 · seat 430 · top 505 mm');

  await page.getByTestId('bay-pack').click();
  await fill({ batteryLength: '360', batteryHeight: '80', batteryWidth: '90', massKg: '2.8', railLength: '340' });
  await fill({ railHeight: '12', railOffset: '10', slots: '20-80 90', strokeMm: '40' });
  await page.getByTestId('keep-pack').click();
  await expect(page.getByText('"90" is no slot').first()).toBeVisible();
  await page.getByTestId('field-slots').fill('20-80 90-160');
  await page.getByTestId('keep-pack').click();

  // Nobody has looked what else is there, nor at cranks and knees: that never goes.
  const says = page.getByTestId('bay-says');
  await expect(says).toContainText('two bands');
  await verdict('Not measured yet');
  await expect(page.getByText('Nobody has said yet what else is in the frame.')).toBeVisible();
  await page.getByTestId('nothing-there').click();
  await page.getByTestId('bay-legs').click();
  await fill({ qFactorMm: '165', kneeMm: '160' });
  await page.getByTestId('keep-legs').click();
  await verdict('Goes after work');

  // Bosses: it is bolted, pushed off them by keys, and pulled back to them by hand.
  await page.context().setOffline(true);
  await page.getByTestId('bay-bosses').click();
  // Bosses that miss the rail hold nothing.
  await page.getByTestId('field-downBosses').fill('20 60');
  await page.getByTestId('keep-bosses').click();
  await expect(says).toContainText('two bands');
  await page.getByTestId('bay-bosses').click();
  await page.getByTestId('field-downBosses').fill('190 254');
  await page.getByTestId('keep-bosses').click();
  await expect(says).toContainText('bolted at 190, 254 mm');
  await verdict('Goes');
  const battery = page.getByRole('slider', { name: /push it along its tube/ });
  await battery.focus();
  for (let press = 0; press < 25; press++) await page.keyboard.press('PageUp');
  await verdict('Stop');
  await expect(page.getByTestId('keep-place')).toHaveCount(0);
  await page.getByTestId('lay-best').click();
  await verdict('Goes');
  await battery.focus();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByTestId('lay-best')).toBeVisible();
  const place = (await says.textContent())!;
  await page.getByTestId('keep-place').click();
  await expect(page.getByText('This place is kept.')).toBeVisible();
  await page.context().setOffline(false);
  await expect(page.getByText(/waits? for the server/)).toHaveCount(0);
  await page.reload();
  await expect(says).toHaveText(place);
  await expect(page.getByText('This place is kept.')).toBeVisible();

  // A shock that comes up into the room leaves the battery no place there; the seat tube has one.
  await page.getByTestId('add-thing').click();
  await page.getByTestId('field-id').fill('Shock');
  await page.getByRole('radio', { name: 'Long', exact: true }).click();
  await page.getByRole('radio', { name: 'It moves with the travel' }).click();
  await fill({ thickMm: '40', fromAlong: '10', fromOff: '350', toAlong: '150', toOff: '350' });
  await fill({ movedFromAlong: '60', movedFromOff: '350', movedToAlong: '130', movedToOff: '200' });
  for (const spot of ['from', 'to', 'movedFrom', 'movedTo']) {
    await page.getByTestId(`field-${spot}Tube`).getByRole('radio', { name: 'Seat tube' }).click();
  }
  await page.getByTestId('keep-thing').click();
  await expect(page.getByRole('link', { name: 'Shock' })).toBeVisible();
  await verdict('Stop');
  await visit(page, `${nurse}/room`);
  await expect(page.getByText('The battery and Shock want the same room in the frame.')).toBeVisible();
  await page.getByTestId('room-bay').click();
  await page.getByRole('link', { name: 'Shock' }).click();
  await page.getByTestId('take-off').click();
  await page.getByTestId('take-off').click();
  await verdict('Goes');

  await page.getByTestId('bay-pack').click();
  await fill({ batteryLength: '280', railLength: '260' });
  await page.getByTestId('keep-pack').click();
  // A shock over the down tube leaves it the seat tube alone.
  await page.getByTestId('add-thing').click();
  await page.getByTestId('field-id').fill('Low shock');
  await page.getByRole('radio', { name: 'Long', exact: true }).click();
  await page.getByRole('radio', { name: 'It moves with the travel' }).click();
  await fill({ thickMm: '40', fromAlong: '290', fromOff: '40', toAlong: '330', toOff: '150' });
  await fill({ movedFromAlong: '300', movedFromOff: '30', movedToAlong: '360', movedToOff: '120' });
  for (const spot of ['from', 'to', 'movedFrom', 'movedTo']) {
    await page.getByTestId(`field-${spot}Tube`).getByRole('radio', { name: 'Down tube' }).click();
  }
  await page.getByTestId('keep-thing').click();
  await verdict('Stop');
  await page.getByRole('radio', { name: 'Seat tube' }).click();
  await verdict('Goes after work');
  await page.getByTestId('keep-place').click();
  await expect(page.getByText('This place is kept.')).toBeVisible();
  await page.getByRole('link', { name: 'Low shock' }).click();
  await page.getByTestId('take-off').click();
  await page.getByTestId('take-off').click();

  // A used pack of another kit: its measures are not those of the pack that is used.
  await page.getByTestId('bay-pack').click();
  await page.getByTestId('field-of').getByRole('radio').nth(1).click();
  await page.getByTestId('keep-pack').click();
  await expect(page.getByText('These are the figures of another pack than the one that is used.')).toBeVisible();
  await verdict('Not measured yet');
  await page.getByTestId('bay-pack').click();
  await page.getByTestId('field-of').getByRole('radio').nth(0).click();
  await page.getByTestId('keep-pack').click();
  await verdict('Goes after work');

  // A pack that the supplier sent instead, of another size: measured, it has no room where the kit's own had.
  await visit(page, `${nurse}/rear/kit`);
  await page.getByRole('radio', { name: 'A substitute' }).click();
  const sent = { cells: '10', Wh: '500', massKg: '4', continuousA: '30', chargerV: '42' };
  for (const [name, value] of Object.entries(sent)) await page.getByTestId(`field-packInstead.${name}`).fill(value);
  await page.getByRole('radio', { name: 'New', exact: true }).click();
  await keepRider(page);
  await visit(page, `${nurse}/bay`);
  await expect(page.getByText('These are the figures of another pack than the one that is used.')).toBeVisible();
  await page.getByTestId('bay-pack').click();
  await page.getByTestId('field-of').getByRole('radio', { name: 'Sent instead' }).click();
  await fill({ batteryLength: '420', batteryHeight: '110', massKg: '4' });
  await page.getByTestId('keep-pack').click();
  await expect(page.getByText('These are the figures of another pack')).toHaveCount(0);
  await verdict('Stop');
  await visit(page, `${nurse}/rear/kit`);
  await page.getByRole('radio', { name: 'The kit’s', exact: true }).click();
  await keepRider(page);
  await visit(page, `${nurse}/bay`);
  await page.getByTestId('bay-pack').click();
  await page.getByTestId('field-of').getByRole('radio').nth(0).click();
  await fill({ batteryLength: '280', batteryHeight: '80', massKg: '2.8' });
  await page.getByTestId('keep-pack').click();
  await verdict('Goes after work');

  // On the rack instead: straps that do not hold stop it.
  await page.getByTestId('bay-rack').click();
  await fill({ ratedKg: '27', fixings: '4', rackLength: '380', rackWidth: '120', luggageKg: '8', straps: '30 30' });
  await page.getByTestId('keep-rack').click();
  await expect(page.getByText('The straps do not hold three times its weight.')).toBeVisible();
  await page.getByTestId('bay-rack').click();
  await fill({ straps: '60 60' });
  await page.getByTestId('keep-rack').click();
  await page.getByTestId('take-rack').click();
  await expect(page.getByText('The battery is to go on the rack.')).toBeVisible();
  await page.getByTestId('bay-controller').click();
  await fill({ boxLength: '110', boxWidth: '60', boxHeight: '32', lossW: '30' });
  await page.getByTestId('keep-controller').click();
  await expect(page.getByText(/Where it is it gets \d+ °C at full loss/)).toBeVisible();

  // Pushed about in the drawing it stops in the tube, and lies against it at a touch.
  await page.getByTestId('bay-controller').click();
  await fill({ lossW: '4', belowMm: '20', aroundMm: '20' });
  await page.getByTestId('keep-controller').click();
  const box = page.getByTestId('place-controller');
  await box.focus();
  for (let press = 0; press < 2; press++) await page.keyboard.press('Shift+ArrowRight');
  await expect(page.getByText('It wants room that something else has.')).toBeVisible();
  await expect(page.getByTestId('keep-box')).toHaveCount(0);
  await page.getByTestId('box-align').click();
  await expect(page.getByText(/Air in the drawing/)).toBeVisible();
  await page.getByTestId('keep-box').click();
  await expect(page.getByText('It is kept here.')).toBeVisible();
  await page.reload();
  await expect(page.getByText('It is kept here.')).toBeVisible();

  // At the stand the place is beside the step that fixes the mount.
  await visit(page, `${longtail}/stand?step=mount-fix`);
  await expect(
    page.getByRole('img', { name: /The frame from its right side: the battery on the down tube/ }),
  ).toBeVisible();
});
