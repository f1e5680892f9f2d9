import { useSearchParams } from 'react-router';
import { Tabs } from '@/ui/Tabs';
import { JointCalculator } from '../workbench/JointCalculator';
import { PairingCalculator } from '../workbench/PairingCalculator';
import { TrialCalculator } from '../workbench/TrialCalculator';

/** A calculator beside the library. What is asked stands in the address, so that a calculation can be sent or cited. */
export function Workbench() {
  const [params, setParams] = useSearchParams();
  return (
    <main className="flex grow flex-col pt-5">
      <h1 className="px-7 pb-2 text-2xl">Workbench</h1>
      <Tabs
        label="Calculations"
        value={params.get('of') ?? 'joint'}
        onChange={(of) => setParams({ of })}
        views={[
          { key: 'joint', name: 'Torque, angle and clamp', body: <JointCalculator /> },
          { key: 'trial', name: 'Angle trial', body: <TrialCalculator /> },
          { key: 'pairing', name: 'Pairing by free length', body: <PairingCalculator /> },
        ]}
      />
    </main>
  );
}
