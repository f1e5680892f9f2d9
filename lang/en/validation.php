<?php

// What is said of a value that cannot be taken, where the action has no better sentence of its own.
return [
    'boolean' => 'Say yes or no for :attribute.',
    'enum' => 'The value of :attribute is none of those that can be chosen.',
    'in' => 'The value of :attribute is none of those that can be chosen.',
    'integer' => 'Give a whole number for :attribute.',
    'max' => ['string' => 'The text of :attribute has more than :max characters.', 'numeric' => 'The number of :attribute lies above :max.'],
    'min' => ['string' => 'The text of :attribute has fewer than :min characters.', 'numeric' => 'The number of :attribute lies below :min.'],
    'regex' => 'The value of :attribute cannot be read.',
    'required' => 'Fill in :attribute.',
    'string' => 'Give a text for :attribute.',
    'uuid' => 'The value of :attribute is no id.',
    'attributes' => ['q' => 'the search', 'device_seq' => 'the device count', 'base_seq' => 'the last entry seen', 'mono_ms' => 'the device clock'],
];
