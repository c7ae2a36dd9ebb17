-- As fast with a hundred houses as with three: what pages ask for is kept where they ask for it.

-- Which state products and colours of an organisation are in. Numbers come from a sequence, so that one that was rolled back never
-- comes again; they are given when a transaction ends, so that nobody waits for it meanwhile.
create sequence catalogue_revision_number;
create table catalogue_revision (
    id uuid primary key,
    organisation_id uuid not null unique references organisation,
    revision bigint not null
);
create function catalogue_changed() returns trigger language plpgsql as $$
declare
  of_organisation uuid := coalesce(new.organisation_id, old.organisation_id);
begin
  if current_setting('lumko.catalogue_changed', true) is distinct from of_organisation::text then
    insert into catalogue_revision values (gen_random_uuid(), of_organisation, nextval('catalogue_revision_number'))
      on conflict (organisation_id) do update set revision = excluded.revision;
    perform set_config('lumko.catalogue_changed', of_organisation::text, true);
  end if;
  return null;
end $$;
create constraint trigger colour_changed after insert or update or delete on colour
    deferrable initially deferred for each row execute function catalogue_changed();
create constraint trigger product_changed after insert or update or delete on product
    deferrable initially deferred for each row execute function catalogue_changed();
create constraint trigger product_size_changed after insert or update or delete on product_size
    deferrable initially deferred for each row execute function catalogue_changed();
insert into catalogue_revision
    select gen_random_uuid(), organisation_id, nextval('catalogue_revision_number')
    from (select organisation_id from colour union select organisation_id from product) with_paints;

-- The paint that is seen on a surface: what its last whole layer says. Follows the layers by itself.
alter table surface
    add top_product_id uuid,
    add top_colour_id uuid,
    add top_tin_id uuid,
    add top_applied_on date;
create function layer_changed() returns trigger language plpgsql as $$
begin
  update surface s set (top_product_id, top_colour_id, top_tin_id, top_applied_on) = (
    select c.product_id, c.colour_id, c.tin_id, c.applied_on from coat c
    where c.surface_id = s.id and c.layer in ('FINISH', 'UNKNOWN', 'PANEL_FINISH', 'VARNISH')
    order by c.position desc limit 1)
  where s.id = coalesce(new.surface_id, old.surface_id);
  return null;
end $$;
create trigger layer_changed after insert or update or delete on coat for each row execute function layer_changed();
update surface s set top_product_id = c.product_id, top_colour_id = c.colour_id, top_tin_id = c.tin_id,
    top_applied_on = c.applied_on
from (select distinct on (surface_id) * from coat
    where layer in ('FINISH', 'UNKNOWN', 'PANEL_FINISH', 'VARNISH') order by surface_id, position desc) c
where c.surface_id = s.id;
create index surface_by_paint on surface (organisation_id, top_colour_id, top_product_id, top_applied_on);
create index wall_not_identified on surface (organisation_id)
    where kind = 'WALL' and (top_product_id is null or top_colour_id is null);

-- How long a step took is noted when it is ticked. Of what was ticked before it is told by the same person's tick before.
alter table sheet_step add took_minutes double precision check (took_minutes > 0 and took_minutes < 100000);
update sheet_step s set took_minutes = t.minutes
from (select id, extract(epoch from ticked_at - lag(ticked_at) over (partition by sheet_id, ticked_by order by ticked_at, id)) / 60
        as minutes
    from sheet_step where ticked_at is not null) t
where t.id = s.id and t.minutes > 1.0 / 3 and t.minutes < 600;
create index sheet_step_timed on sheet_step (organisation_id, ticked_at desc) where took_minutes is not null;

-- Who took a mark away, so that whoever puts it back knows whose hand that was. Of those taken away before nobody knows.
alter table mark add removed_by uuid;
alter table mark add foreign key (organisation_id, removed_by) references person (organisation_id, id);
