/** Pages of the company that stand in the header of a desk, and in the menu of a phone. */
export const COMPANY_PAGES = [
  { to: '/catalogue', name: 'catalogue.title' },
  { to: '/house-rules', name: 'houseRules.title' },
  { to: '/parts-list', name: 'counter.short' },
  { to: '/people', name: 'account.people' },
] as const;
