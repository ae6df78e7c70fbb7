import type {
  Candidate,
  ChooseValveQuestion,
  DrillAnswer,
  DrillGrade,
  HandlePoint,
  HearItQuestion,
  HoldsOrNotQuestion,
  NameItQuestion,
  PurgeOrderQuestion,
  SayItQuestion,
  ShutItQuestion,
  TouchItQuestion,
  WhatIsWrongQuestion,
  WhatToCloseQuestion,
} from '@grevik/core';
import { Suspense, lazy } from 'react';
import { Loading } from '../../kit/Notice';
import { translated, useWords } from '../../words';
import { Choices } from './answers/Choices';
import { CloseByHand } from './answers/CloseByHand';
import { StepOrder } from './answers/StepOrder';
import { ValvesToClose } from './answers/ValvesToClose';
import { CandidateCard } from './CandidateCard';
import type { DrillToTake } from './drill-to-take';
import styles from './Drills.module.css';
import { OrderText } from './answers/OrderText';
import { DutyAsked } from './shown/DutyAsked';
import { FoundValve } from './shown/FoundValve';
import { MovingCutaway } from './shown/MovingCutaway';
import { NetworkPlan } from './shown/NetworkPlan';
import { PipeToShut } from './shown/PipeToShut';
import { PurgeLine } from './shown/PurgeLine';
import { ValveFacts } from './shown/ValveFacts';

/** Charts bring their library with them. */
const GaugeLog = lazy(() => import('./shown/GaugeLog'));
const LevelLog = lazy(() => import('./shown/LevelLog'));

interface QuestionProps {
  drill: DrillToTake;
  answer: DrillAnswer | undefined;
  give: (answer: DrillAnswer) => void;
  graded: (DrillGrade & { key: DrillAnswer }) | undefined;
}

/** What is shown, and how it is answered, side by side on a desk. */
export function Question({ drill, answer, give, graded }: QuestionProps) {
  const isPlan = drill.kind === 'what-to-close';
  return (
    <div className={`${styles.ask} ${isPlan ? styles.wide : ''}`}>
      <div className={styles.shown}>
        <Shown drill={drill} answer={answer} give={give} isOpen={!graded} />
      </div>
      <div>
        <Answered drill={drill} answer={answer} give={give} graded={graded} />
      </div>
    </div>
  );
}

interface ShownProps extends Omit<QuestionProps, 'graded'> {
  isOpen: boolean;
}

function Shown({ drill: { kind, made }, answer, give, isOpen }: ShownProps) {
  const words = useWords();
  const { question } = made;
  switch (kind) {
    case 'name-it':
      return <MovingCutaway {...(question as NameItQuestion)} />;
    case 'say-it':
      return <ValveFacts {...(question as SayItQuestion)} />;
    case 'hear-it':
      return (
        <>
          <p className={styles.soft}>{words('drills.customer')}</p>
          <p className={styles.said}>“{(question as HearItQuestion).said}”</p>
        </>
      );
    case 'which-valve':
    case 'which-check':
      return <DutyAsked duty={(question as ChooseValveQuestion).duty} />;
    case 'what-to-close': {
      const { network, fault } = question as WhatToCloseQuestion;
      return (
        <>
          <p>{words('drills.burst', { where: fault.link })}</p>
          <NetworkPlan
            network={network}
            burst={fault.link}
            closed={idsOf(answer)}
            toggle={(id) => isOpen && give(toggled(idsOf(answer), id))}
          />
        </>
      );
    }
    case 'shut-it':
      return <PipeToShut {...(question as ShutItQuestion)} />;
    case 'purge-order':
      return <PurgeLine {...(question as PurgeOrderQuestion)} />;
    case 'holds-or-not':
      return (
        <Suspense fallback={<Loading what={words('drills.gauge')} />}>
          <GaugeLog {...(question as HoldsOrNotQuestion)} />
        </Suspense>
      );
    case 'what-is-wrong':
      return (
        <Suspense fallback={<Loading what={words('drills.station')} />}>
          <LevelLog {...(question as WhatIsWrongQuestion)} />
        </Suspense>
      );
    case 'touch-it-or-not':
      return <FoundValve {...(question as TouchItQuestion)} />;
  }
}

function Answered({ drill: { kind, made }, answer, give, graded }: QuestionProps) {
  const words = useWords();
  const { answer: asked } = made;
  const isOpen = !graded;
  switch (asked.form) {
    case 'text':
      return <OrderText said={String(answer ?? '')} say={give} isOpen={isOpen} />;
    case 'order':
      return (
        <>
          <p className={styles.soft}>{words('drills.orderHint')}</p>
          <StepOrder items={asked.items} order={idsOf(answer)} put={give} isOpen={isOpen} />
        </>
      );
    case 'valves': {
      const { network } = made.question as WhatToCloseQuestion;
      const closed = idsOf(answer);
      return (
        <>
          <p className={styles.soft}>{words('drills.closeHint', { count: closed.length })}</p>
          <ValvesToClose
            network={network}
            closed={closed}
            toggle={(id) => give(toggled(closed, id))}
            isOpen={isOpen}
          />
        </>
      );
    }
    case 'closing':
      return (
        <CloseByHand
          question={made.question as ShutItQuestion}
          closing={answer as readonly HandlePoint[] | undefined}
          close={give}
          isOpen={isOpen}
        />
      );
    case 'choice': {
      const areValves = kind === 'which-valve' || kind === 'which-check';
      return (
        <Choices
          label={words(kind === 'hear-it' ? 'drills.missing' : `drills.kinds.${kind}`)}
          choices={asked.choices}
          chosen={answer === undefined ? undefined : String(answer)}
          choose={give}
          rightOne={graded ? (graded.right ? String(answer) : String(graded.key)) : undefined}
          areSideBySide={areValves}
          say={(choice) =>
            areValves ? (
              <CandidateCard candidate={choice as unknown as Candidate} />
            ) : (
              translated(String(choice.text))
            )
          }
        />
      );
    }
  }
}

const idsOf = (answer: DrillAnswer | undefined): readonly string[] =>
  Array.isArray(answer) ? (answer as readonly string[]) : [];

const toggled = (chosen: readonly string[], id: string): string[] =>
  chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id];
