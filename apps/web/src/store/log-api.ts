import type {
  EntryRequest,
  EntryView,
  HistoryView,
  OwnChangeView,
  PositionChangeView,
} from '@grevik/contracts';
import { api } from './api';

/** What was done and written, and the way back from one's own. */
const logApi = api.injectEndpoints({
  endpoints: (build) => ({
    history: build.query<HistoryView<PositionChangeView>, string>({
      query: (positionId) => `positions/${positionId}/history`,
      providesTags: ['History'],
    }),
    addEntry: build.mutation<EntryView, { positionId: string; lineId: string; entry: EntryRequest }>({
      query: ({ positionId, entry }) => ({
        url: `positions/${positionId}/entries`,
        method: 'POST',
        body: entry,
      }),
      // What was found shows on the strip and the plan.
      invalidatesTags: (_entry, _error, { lineId }) => ['History', { type: 'Line', id: lineId }],
    }),
    ownChanges: build.query<OwnChangeView[], void>({
      query: () => 'changes/mine',
      providesTags: ['Mine', 'Session'],
    }),
    undo: build.mutation<undefined, string>({
      query: (changeId) => ({ url: `changes/${changeId}/undo`, method: 'POST' }),
      invalidatesTags: ['Line', 'Jobs', 'History', 'Mine', 'Orders', 'Catalogue', 'Company'],
    }),
  }),
});

export const {
  useHistoryQuery,
  useAddEntryMutation,
  useOwnChangesQuery,
  useLazyOwnChangesQuery,
  useUndoMutation,
} = logApi;
