/** Pages of the company that stand in the header of a desk, and in the menu of a phone. */
export const COMPANY_PAGES = [
  { to: '/rounds', name: 'rounds.title' },
  { to: '/budget', name: 'budget.title' },
  { to: '/catalogue', name: 'catalogue.title' },
  { to: '/house-rules', name: 'houseRules.title' },
  { to: '/drills', name: 'drills.title' },
  { to: '/parts-list', name: 'counter.short' },
  { to: '/devices', name: 'devices.title' },
  { to: '/people', name: 'account.people' },
] as const;
