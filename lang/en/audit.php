<?php

declare(strict_types=1);

return [
    'stock_differs' => 'At the nightly check lot :lot had :left left, and its moves come to :moves',
    'signed_in' => 'signed in',
    'signed_out' => 'signed out',
    'signed_out_everywhere' => 'signed out everywhere',
    'sign_in_refused' => 'A sign-in for :for was refused',
    'password_refused' => 'gave a wrong password before a role or link',
    'link_made' => 'made a one-time link for :for',
    'password_set' => 'set a password',
    'person_added' => 'added :for as :role',
    'person_left' => 'let :for go',
    'person_back' => 'took :for back',
    'role_changed' => 'changed :for from :from to :to',
    'settings_changed' => 'changed the shop: :fields',
    'sheet_added' => 'put :name on the shelf',
    'sheet_confirmed' => 'confirmed the data sheet of :name',
    'sheet_changed' => 'changed the data sheet of :name',
    'device_address' => 'set a device address: :address',
    'exported' => 'took out :file',
    'feed_opened' => 'opened a private calendar address',
    'feed_revoked' => 'revoked a private calendar address',
    'materials_in' => 'took in data sheets from a file: :added added, :changed changed',
    'sheet_file' => 'kept the file :name',
    'customer_erased' => 'erased whom :for is for',
    'restored' => 'The data was restored from :file',
];
