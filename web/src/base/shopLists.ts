/** What the shop shows: a mend that is opened reads them too, so that they are there when the server is not. */
export const SHOP_LISTS = {
  open: '/mends?state=open&limit=100',
  closed: '/mends?state=closed&limit=100',
} as const;
