import {
  HISTORY_PAGE,
  type HistoryView,
  type OwnChangeView,
  type PhotoTaken,
  type PositionChangeView,
} from '@grevik/contracts';
import { api } from './api';

/** What was done and written, and the way back from one's own. */
const logApi = api.injectEndpoints({
  endpoints: (build) => ({
    history: build.query<HistoryView<PositionChangeView>, { positionId: string; most?: number }>({
      query: ({ positionId, most = HISTORY_PAGE }) =>
        `positions/${positionId}/history${most === HISTORY_PAGE ? '' : `?most=${most}`}`,
      providesTags: (_history, _error, { positionId: id }) => [{ type: 'History', id }],
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
