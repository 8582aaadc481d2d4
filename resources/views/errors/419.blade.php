<x-layout.error :heading="__('errors.expired')" :hint="__('errors.expired_hint')"/>
