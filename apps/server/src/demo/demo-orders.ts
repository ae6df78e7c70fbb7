import type { OrderState } from '@grevik/core';

interface DemoLine {
  text: string;
  quantity: number;
  tags: readonly string[];
  unitPrice: number;
  leadDays: number;
  note?: string;
  receipts?: readonly {
    quantity: number;
    casting: string;
    accepted: boolean;
    note: string;
    receivedAt: string;
    by: string;
  }[];
}

/** What is on order for the demo job: a hydrant's gate that is on its way, and stops of which some came wrong. Prices are made up. */
export const DEMO_ORDERS: readonly { supplier: string; state: OrderState; lines: readonly DemoLine[] }[] = [
  {
    supplier: 'Upper Lock Waterworks',
    state: 'confirmed',
    lines: [
      {
        text: '6 in AWWA C515 resilient-wedge gate valve, MJ x MJ, epoxy-coated ductile iron, EPDM disc, NRS, 250 psi, 2 in operating nut, open left, with box, potable',
        quantity: 1,
        tags: ['BS-102'],
        unitPrice: 482.5,
        leadDays: 9,
        note: 'Call before delivery: the quay road is closed on market days.',
      },
      {
        text: '6 in gland, gasket and T-bolts ¾-inch, stainless or coated',
        quantity: 2,
        tags: ['BS-102'],
        unitPrice: 38.4,
        leadDays: 2,
      },
    ],
  },
  {
    supplier: 'Quillside Supply',
    state: 'part-received',
    lines: [
      {
        text: '1/2 in press x 3/8 in OD compression angle stop, quarter turn, lead-free plated brass, 125 psi, potable',
        quantity: 12,
        tags: ['CW-113'],
        unitPrice: 8.06,
        leadDays: 3,
        receipts: [
          {
            quantity: 8,
            casting: '1/2 LF 125 psi',
            accepted: true,
            note: '',
            receivedAt: '2026-11-18T07:40:00.000Z',
            by: 'joss@tarnside.example',
          },
          {
            quantity: 4,
            casting: '3/4 LF 125 psi',
            accepted: false,
            note: 'Three-quarter bodies in a half-inch box.',
            receivedAt: '2026-11-18T07:45:00.000Z',
            by: 'joss@tarnside.example',
          },
        ],
      },
    ],
  },
];
