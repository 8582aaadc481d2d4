<x-layout.error :heading="__('errors.too_many')" :hint="__('errors.too_many_hint')"/>
