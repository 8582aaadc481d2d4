<?php

declare(strict_types=1);

return [
    'title' => 'Your account',
    'name_section' => 'Name',
    'save_name' => 'Save name',
    'email_section' => 'E-mail address',
    'email_now' => 'Your address is :email.',
    'new_email' => 'New e-mail address',
    'change_email' => 'Send confirmation',
    'email_hint' => 'We send a link to the new address. Your address changes when you follow it.',
    'email_sent' => 'Check :email and follow the link within a day. Until then your old address stays.',
    'email_changed' => 'Your e-mail address is changed.',
    'email_link_void' => 'That link no longer fits this account. Ask for a new one below.',
    'password_section' => 'Password',
    'current_password' => 'Your password now',
    'new_password' => 'New password',
    'change_password' => 'Change password',
    'password_changed' => 'Your password is changed. Every other device is signed out.',
    'delete_section' => 'Delete my account',
    'delete_hint' => 'This removes your quilts, everything you counted and your mail. It cannot be taken back.',
    'delete' => 'Delete my account',
    'deleted' => 'Your account and everything in it are gone.',
    'saved' => 'Saved.',
    'owns_quilt_along' => 'People are following :names, and you are its only owner. Make somebody else an owner first.',
];
