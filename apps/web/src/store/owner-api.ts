import type {
  NewOwnerPage,
  OwnerAnswerRequest,
  OwnerPageListing,
  OwnerPageRequest,
  OwnerPageView,
} from '@grevik/contracts';
import { api } from './api';

/** Pages for owners: as the company makes them, and as an owner sees them. */
const ownerApi = api.injectEndpoints({
  endpoints: (build) => ({
    ownerPages: build.query<OwnerPageListing[], string>({
      query: (positionId) => `positions/${positionId}/owner-pages`,
      providesTags: (_pages, _error, id) => [{ type: 'OwnerPages', id }, 'Session'],
    }),
    makeOwnerPage: build.mutation<NewOwnerPage, { positionId: string; page: OwnerPageRequest }>({
      query: ({ positionId, page }) => ({
        url: `positions/${positionId}/owner-pages`,
        method: 'POST',
        body: page,
      }),
      invalidatesTags: ['OwnerPages', 'History'],
    }),
    withdrawOwnerPage: build.mutation<undefined, string>({
      query: (id) => ({ url: `owner-pages/${id}`, method: 'DELETE' }),
      invalidatesTags: ['OwnerPages'],
    }),
    ownerPage: build.query<OwnerPageView, string>({ query: (key) => `owner/${encodeURIComponent(key)}` }),
    answerAsOwner: build.mutation<OwnerPageView, { key: string; answer: OwnerAnswerRequest }>({
      query: ({ key, answer }) => ({
        url: `owner/${encodeURIComponent(key)}/answers`,
        method: 'POST',
        body: answer,
      }),
      onQueryStarted: async ({ key }, { dispatch, queryFulfilled }) => {
        const { data } = await queryFulfilled.catch(() => ({ data: undefined }));
        if (data) void dispatch(ownerApi.util.upsertQueryData('ownerPage', key, data));
      },
    }),
  }),
});

export const {
  useOwnerPagesQuery,
  useMakeOwnerPageMutation,
  useWithdrawOwnerPageMutation,
  useOwnerPageQuery,
  useAnswerAsOwnerMutation,
} = ownerApi;
