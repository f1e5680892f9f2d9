<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Actions\KeepCustomer;
use App\People\Http\Requests\CustomerRequest;
use App\People\Models\Customer;
use Illuminate\Http\JsonResponse;

/** Whose engines come here. */
final class CustomerController
{
    public function store(CustomerRequest $request, KeepCustomer $keep): JsonResponse
    {
        return new JsonResponse(['id' => $keep->add($request->text('name'), $request->person())->id], 201);
    }

    public function rename(Customer $customer, CustomerRequest $request, KeepCustomer $keep): JsonResponse
    {
        $keep->rename($customer, $request->text('name'), $request->person());

        return new JsonResponse(null, 204);
    }
}
