/** The years of a blade as PDF: from its third visit on. */
import { errorOf, openShop, sentHome, takeIn, type TestShop } from '../../test/test-shop';

let shop: TestShop;
beforeAll(async () => {
  shop = await openShop('years');
});
afterAll(() => shop.close());

test('is drawn from three visits, and refused before with the reason', async () => {
  const first = await takeIn(shop.owner, { tagNumber: 5 });
  const path = `/api/blades/${first.blade.id}/years.pdf`;
  expect(errorOf(await shop.owner.get(path).expect(409)).message).toContain('third visit');
  await sentHome(shop.owner, first);
  for (const heightHeelMm of [45.5, 45]) {
    const again = await takeIn(shop.owner, {
      tagNumber: 5,
      newCustomer: null,
      customerId: first.customer.id,
      bladeId: first.blade.id,
      heightHeelMm,
    });
    await sentHome(shop.owner, again);
  }
  const pdf = await shop.owner.get(path).expect(200);
  expect(pdf.headers['content-type']).toBe('application/pdf');
  expect((pdf.body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
  await shop.owner.get('/api/blades/99999/years.pdf').expect(404);
});
