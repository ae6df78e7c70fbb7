import type {
  CompanyView,
  EditWalkRequest,
  JobView,
  JobWalkView,
  LineView,
  NameRequest,
  PositionView,
  WalkEdited,
} from '@grevik/contracts';
import {
  type HouseRuleSettings,
  type LineFacts,
  type Medium,
  type OwnHoldRules,
  dutyOnLine,
  ownDuty,
  walkedPositions,
} from '@grevik/core';
import { api, keepInLine } from './api';
import { isKept } from './failure';

/** Walking: the outline of a line, names, photos, and the house rules it is judged by. */
const walkApi = api.injectEndpoints({
  endpoints: (build) => ({
    jobWalk: build.query<JobWalkView, string>({
      query: (jobId) => `jobs/${jobId}/walk`,
      providesTags: (_walk, _error, id) => [
        { type: 'Line', id },
        { type: 'Jobs', id },
      ],
    }),
    addLine: build.mutation<LineView, { jobId: string; name: string; medium: Medium }>({
      query: ({ jobId, ...body }) => ({ url: `jobs/${jobId}/lines`, method: 'POST', body }),
      invalidatesTags: ['Jobs'],
    }),
    editWalk: build.mutation<WalkEdited, EditWalkRequest & { lineId: string }>({
      query: ({ lineId, ...body }) => ({ url: `lines/${lineId}/walk`, method: 'PUT', body }),
      invalidatesTags: ['Jobs', 'Mine'],
      async onQueryStarted(request, { dispatch, queryFulfilled }) {
        const { lineId } = request;
        const takeIn = (edited: WalkEdited) =>
          dispatch(api.util.updateQueryData('line', lineId, (line) => take(line, edited)) as never);
        try {
          takeIn((await queryFulfilled).data);
        } catch (failed) {
          if (isKept((failed as { error: unknown }).error)) takeIn(editedHere(request));
          else dispatch(api.util.invalidateTags([{ type: 'Line', id: lineId }]) as never);
        }
      },
    }),
    changeLineFacts: build.mutation<LineView, { lineId: string; version: number; facts: LineFacts }>({
      query: ({ lineId, ...body }) => ({ url: `lines/${lineId}/facts`, method: 'PUT', body }),
      invalidatesTags: (_line, _error, { lineId }) => [{ type: 'Line', id: lineId }, 'Jobs', 'Mine'],
    }),
    name: build.mutation<PositionView, NameRequest & { id: string; lineId: string }>({
      query: ({ id, lineId: _lineId, ...body }) => ({ url: `positions/${id}/name`, method: 'PUT', body }),
      onQueryStarted: keepInLine,
      invalidatesTags: ['Jobs', 'History', 'Mine'],
    }),
    takeJobOptions: build.mutation<
      JobView,
      { jobId: string; version: number; houseRules: Partial<HouseRuleSettings> }
    >({
      query: ({ jobId, ...body }) => ({
        url: `jobs/${jobId}/house-rules`,
        method: 'PUT',
        body,
      }),
      invalidatesTags: ['Jobs', 'Mine'],
    }),
    setCurrency: build.mutation<CompanyView, { version: number; currency: string }>({
      query: (body) => ({ url: 'company/currency', method: 'PUT', body }),
      invalidatesTags: ['Company', 'Orders', 'Mine'],
    }),
    takeOptions: build.mutation<CompanyView, { version: number; houseRules: Partial<HouseRuleSettings> }>({
      query: (body) => ({ url: 'company/house-rules', method: 'PUT', body }),
      invalidatesTags: ['Company', 'Mine'],
    }),
    setHoldRules: build.mutation<CompanyView, { version: number; holdRules: OwnHoldRules }>({
      query: (body) => ({ url: 'company/hold-rules', method: 'PUT', body }),
      invalidatesTags: ['Company', 'Mine'],
    }),
  }),
});

/** What an edit that waits on this device comes to until the server has made it: its new valves have no position yet. */
export const editedHere = ({ id = '', version, at, remove, insert }: EditWalkRequest): WalkEdited => ({
  version: version + 1,
  changeId: id,
  at,
  remove,
  items: insert.map(({ valve, ...item }) => ({
    ...item,
    ...(valve?.tag !== undefined && { name: [valve.tag, item.name].filter(Boolean).join(' ') }),
  })),
  positions: [],
});

/** Does to the line what the server did, so that a long one is not fetched anew for a word. */
function take(line: LineView, { version, at, remove, items, positions }: WalkEdited): void {
  line.walk.items.splice(at, remove, ...items);
  line.walk.version = version;
  const byId = new Map([...line.positions, ...positions].map((position) => [position.id, position]));
  // Pipe, run and weakest part of every position may have changed with the walk.
  const dutyOf = dutyOnLine(line.walk.items, line.facts);
  line.positions = walkedPositions(line.walk.items).flatMap((id) => {
    const position = byId.get(id);
    return position ? [{ ...position, duty: dutyOf(ownDuty(position.duty), id) }] : [];
  });
}

export const {
  useChangeLineFactsMutation,
  useJobWalkQuery,
  useAddLineMutation,
  useEditWalkMutation,
  useNameMutation,
  useTakeJobOptionsMutation,
  useSetCurrencyMutation,
  useSetHoldRulesMutation,
  useTakeOptionsMutation,
} = walkApi;
