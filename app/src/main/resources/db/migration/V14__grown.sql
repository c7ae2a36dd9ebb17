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

-- What is entered can be put right, and people come and go: both stand in the history, also what is no flat's.
alter table event alter flat_id drop not null;
alter table event add check (flat_id is not null or surface_id is null and mark_id is null);
create index event_of_all on event (organisation_id, done_at) where flat_id is null;
alter table event drop constraint event_kind_check;
alter table event add constraint event_kind_check check (kind in (
    'MARK_SET', 'MARKS_SWEPT', 'MARKS_COPIED', 'MARK_MEASURED', 'MARK_CONDITION', 'MARK_METHOD',
    'MARK_REMOVED', 'MARK_RESTORED', 'MARK_MADE_GOOD', 'MARK_OPEN_AGAIN', 'COLOUR_READ', 'PAINT_IDENTIFIED',
    'PAINT_REFUSED', 'PAINT_ANSWERED', 'PAINT_CHOSEN', 'COATS_CHOSEN', 'TIN_RECOGNISED', 'OVERRULED', 'VERDICT_FOLLOWED',
    'FINDING_NOTED', 'FINDING_WITHDRAWN', 'PLACE_ANSWERED', 'SHEET_MADE', 'SHEET_GIVEN_UP', 'FAULTS_ADDED', 'COAT_ADDED',
    'TICKED', 'TICKED_EARLY', 'UNTICKED', 'AIR_NOTED', 'CAUTION_READ', 'NOTE_WRITTEN', 'SHEET_CLOSED', 'SHEET_REOPENED',
    'COAT_RECORDED', 'ROOM_ENTERED', 'FEATURE_ENTERED', 'DATES_SET', 'LET_AGAIN', 'PRACTICE_FOR_JOB', 'LOOKED_AGAIN', 'PLAN_TAKEN', 'PLAN_SETTLED',
    'PAINT_AWAITED',
    'CORRECTED', 'TAKEN_OFF', 'PERSON_ADDED', 'PERSON_CHANGED', 'PERSON_LEFT', 'PERSON_BACK', 'PASSWORD_GIVEN',
    'PASSWORD_CHANGED', 'SIGN_IN_FAILED'));

-- A password that somebody else has given is good for one thing: to choose one's own.
alter table person add password_once boolean not null default false;
