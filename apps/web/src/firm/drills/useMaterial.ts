import type { CompanyView, DrillRecordView, ModelView } from '@grevik/contracts';
import { type HouseRuleSettings, houseRuleSettings } from '@grevik/core';
import { rulesOfCompany } from '../../kit/company-rules';
import { useCatalogueQuery, useCompanyQuery } from '../../store/api';
import { useDrillRecordQuery } from '../../store/drills-api';
import { useKeepAnswer } from '../../store/useKeepAnswer';

export interface Material {
  company: CompanyView | undefined;
  record: DrillRecordView | undefined;
  models: readonly ModelView[] | undefined;
  settings: HouseRuleSettings;
  error: unknown;
  again: () => void;
}

/** What runs are made from: the record and the house rules, kept on the device so that a run opens without a network. */
export function useMaterial(): Material {
  const company = useCompanyQuery();
  const record = useDrillRecordQuery();
  const models = useCatalogueQuery();
  useKeepAnswer('company', company.data);
  useKeepAnswer('drills/record', record.data);
  useKeepAnswer('catalogue', models.data);
  return {
    company: company.data,
    record: record.data,
    models: models.data,
    settings: houseRuleSettings(company.data && rulesOfCompany(company.data)),
    error: company.error ?? record.error ?? models.error,
    again: () => {
      void company.refetch();
      void record.refetch();
      void models.refetch();
    },
  };
}
