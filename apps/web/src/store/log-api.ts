import type { HistoryView, OwnChangeView, PhotoTaken, PositionChangeView } from '@grevik/contracts';
import { api } from './api';

/** What was done and written, and the way back from one's own. */
const logApi = api.injectEndpoints({
  endpoints: (build) => ({
    history: build.query<HistoryView<PositionChangeView>, string>({
      query: (positionId) => `positions/${positionId}/history`,
      providesTags: (_history, _error, id) => [{ type: 'History', id }],
    }),
    ownChanges: build.query<OwnChangeView[], void>({
      query: () => 'changes/mine',
      providesTags: ['Mine', 'Session'],
    }),
    photos: build.query<PhotoTaken[], string>({
      query: (positionId) => `positions/${positionId}/photos`,
      providesTags: (_photos, _error, id) => [{ type: 'Line', id }],
    }),
    undo: build.mutation<undefined, string>({
      query: (changeId) => ({ url: `changes/${changeId}/undo`, method: 'POST' }),
      invalidatesTags: [
        'Line',
        'Jobs',
        'History',
        'Mine',
        'Orders',
        'Catalogue',
        'Company',
        'Due',
        'Rounds',
        'Budget',
      ],
    }),
  }),
});

export const {
  useHistoryQuery,
  useOwnChangesQuery,
  useLazyOwnChangesQuery,
  usePhotosQuery,
  useUndoMutation,
} = logApi;
