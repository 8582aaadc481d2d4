<x-layout.error :heading="__('errors.unreadable')" :hint="__('errors.unreadable_hint')"/>
