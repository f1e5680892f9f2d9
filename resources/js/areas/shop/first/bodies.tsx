import type { ReactNode } from 'react';
import { ButtonLink } from '@/ui/ButtonLink';
import { EnrolForm } from '../screens/Benches';
import { FamilyForm } from './FamilyForm';
import { PeopleStep } from './PeopleStep';
import { RiskClasses } from './RiskClasses';
import { ToolsStep } from './ToolsStep';
import { WindowForm } from './WindowForm';

type Body = { title: string; lead: string; form: ReactNode };

/** What each step says and asks; those that come before one is signed in have pages of their own. */
export const STEP_BODIES: Record<string, Body | undefined> = {
  shop: {
    title: 'The shop',
    lead: 'Its name stands on every sheet, and its clock decides which day a calibration holds on.',
    form: <ButtonLink to="/people/shop">Look at it</ButtonLink>,
  },
  signs: {
    title: 'Who signs',
    lead: 'Nobody approves what they wrote. Add the works engineer, or another lead, who signs procedures and window standards. In a shop of one that is somebody from outside, who signs in as approver.',
    form: <PeopleStep roles={['approver']} verb="Add an approver" />,
  },
  windows: {
    title: 'How close is close enough?',
    lead: 'Makers mostly print a bare “80°” or “60 lbf·ft”. The window around it is then your shop’s word. Say it once, with the paper it stands in; until an approver signs it, nothing can be approved with it.',
    form: (
      <>
        <WindowForm />
        <RiskClasses />
      </>
    ),
  },
  families: {
    title: 'Engine families',
    lead: 'Engines that share joints. Bring them in from a file, with their procedures, or begin with one family and its joints in the order of assembly.',
    form: <FamilyForm />,
  },
  people: {
    title: 'People and badges',
    lead: 'Whoever works at a bench has a badge and a PIN. You hand out the first PIN; the first sign-in asks for one of their own. The crib keeper signs in at a desk.',
    form: <PeopleStep roles={['assembler', 'crib_keeper']} verb="Add an assembler" other="Add a crib keeper" />,
  },
  tools: {
    title: 'Tools and their last certificates',
    lead: 'A wrench is fit for a job by its range, its step and its calibration. Bring them in from a table, then enter what stands on each one’s last certificate.',
    form: <ToolsStep />,
  },
  bench: {
    title: 'A bench',
    lead: 'Do this in the browser of the tablet or PC at the bench: sign in there once as lead and enrol it. After that badges and PINs work there.',
    form: <EnrolForm />,
  },
};
