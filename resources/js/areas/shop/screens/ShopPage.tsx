import { useState } from 'react';
import { SESSION } from '@/api/session';
import type { Shop } from '@/api/types';
import { Button } from '@/ui/Button';
import { Refusal } from '@/ui/Refusal';
import { Loaded } from '@/ui/states';
import { useCommand } from '@/ui/useCommand';
import { ShopForm } from '../ShopForm';
import { SHOP, setShop, useShop } from '../queries';

/** How the shop is set. */
export function ShopPage() {
  return <Loaded query={useShop()}>{(set) => <Settings key={JSON.stringify(set.shop)} set={set} />}</Loaded>;
}

function Settings({ set }: { set: Shop }) {
  const [shop, change] = useState(set.shop);
  const keep = useCommand(setShop, SHOP, SESSION);
  const changed = JSON.stringify(shop) !== JSON.stringify(set.shop);
  return (
    <main className="max-w-xl px-7 py-4">
      <h1 className="text-2xl">The shop</h1>
      <p className="mt-1 text-soft">Each change is recorded with who made it; what was recorded before keeps the clock it was recorded by.</p>
      <form
        className="mt-4 flex flex-col gap-3"
        noValidate
        onSubmit={(e) => {
          e.preventDefault();
          keep.mutate(shop);
        }}
      >
        <ShopForm shop={shop} zones={set.zones} onChange={change} />
        <Refusal of={keep} />
        <div className="flex gap-3">
          <Button look="main" type="submit" disabled={!changed || keep.isPending}>
            Keep it
          </Button>
          {changed && <Button onClick={() => change(set.shop)}>As it was</Button>}
        </div>
      </form>
    </main>
  );
}
