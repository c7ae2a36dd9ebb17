-- A society lives in it: flats as people number them, what is no longer there closed, tables in, a guest's link.

-- Flats have numbers or names as people give them: 7, 2B, garden. They stand in the order people count in: 2, 2B, 10, garden.
create collation as_counted (provider = icu, locale = 'en-u-kn-true');
alter table flat
    drop constraint flat_number_check,
    drop constraint flat_house_id_number_key,
    alter number type text collate as_counted using number::text;
alter table flat add check (length(number) between 1 and 12 and number = btrim(number));

-- What is no longer there is not looked at any more, and comes back as it was: houses given up, flats no longer let, and rooms that
-- were entered by mistake.
alter table house add closed_on date;
alter table flat add closed_on date, drop constraint flat_house_id_floor_bay_key;
create unique index flat_by_number on flat (house_id, lower(number)) where closed_on is null;
create unique index flat_by_window on flat (house_id, floor, bay) where closed_on is null;
alter table room add removed_at timestamptz;

-- Tables that come in wait until they are looked at and taken; of those that were taken what they did is kept, to be taken back.
create table table_import (
    id uuid primary key,
    organisation_id uuid not null references organisation,
    kind text not null check (kind in ('FLATS', 'ROOMS', 'COATS', 'COLOURS', 'PRODUCTS', 'TINS', 'PEOPLE')),
    file_name text not null check (length(file_name) <= 80),
    content bytea check (length(content) <= 3000000),
    columns text not null,
    day_order text check (day_order in ('DAY_FIRST', 'MONTH_FIRST')),
    saved_by uuid not null,
    saved_at timestamptz not null,
    taken_at timestamptz,
    undone_at timestamptz check (undone_at is null or taken_at is not null),
    made int not null check (made >= 0),
    changed int not null check (changed >= 0),
    refused int not null check (refused >= 0),
    done text not null,
    version int not null,
    check (content is null or taken_at is null),
    foreign key (organisation_id, saved_by) references person (organisation_id, id)
);
create index table_import_taken on table_import (organisation_id, taken_at);

-- A guest reads one sheet by a secret link, until a day or until it is revoked.
create table guest_link (
    id uuid primary key,
    organisation_id uuid not null references organisation,
    digest varchar(64) not null unique,
    sheet_id uuid not null,
    made_by uuid not null,
    made_at timestamptz not null,
    expires_at timestamptz not null check (expires_at > made_at),
    revoked_at timestamptz,
    foreign key (organisation_id, sheet_id) references sheet (organisation_id, id),
    foreign key (organisation_id, made_by) references person (organisation_id, id)
);
create index guest_link_of_sheet on guest_link (sheet_id);

-- Tables that were taken, and taken back, stand in the history.
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
    'PASSWORD_CHANGED', 'SIGN_IN_FAILED', 'TABLE_TAKEN', 'TABLE_TAKEN_BACK'));

-- Figures, practice, what outcomes taught and the names of people change as seldom as products and colours: one number tells the
-- state of all of them.
alter table catalogue_revision rename to reference_revision;
alter sequence catalogue_revision_number rename to reference_revision_number;
alter function catalogue_changed() rename to reference_changed;
create or replace function reference_changed() returns trigger language plpgsql as $$
declare
  of_organisation uuid := coalesce(new.organisation_id, old.organisation_id);
begin
  if current_setting('lumko.reference_changed', true) is distinct from of_organisation::text then
    insert into reference_revision values (gen_random_uuid(), of_organisation, nextval('reference_revision_number'))
      on conflict (organisation_id) do update set revision = excluded.revision;
    perform set_config('lumko.reference_changed', of_organisation::text, true);
  end if;
  return null;
end $$;
create constraint trigger own_figure_changed after insert or update or delete on own_figure
    deferrable initially deferred for each row execute function reference_changed();
create constraint trigger practice_changed after insert or update or delete on practice_choice
    deferrable initially deferred for each row execute function reference_changed();
create constraint trigger learnt_changed after insert or update or delete on learnt
    deferrable initially deferred for each row execute function reference_changed();
create constraint trigger name_changed after insert or delete or update of name on person
    deferrable initially deferred for each row execute function reference_changed();
insert into reference_revision
    select gen_random_uuid(), id, nextval('reference_revision_number') from organisation
    on conflict (organisation_id) do nothing;

-- Ceilings have fittings too.
alter table wall_feature drop constraint wall_feature_kind_check;
alter table wall_feature add constraint wall_feature_kind_check check (kind in (
    'DOOR', 'WINDOW', 'PASSAGE', 'SOCKET', 'SWITCH', 'WALL_LIGHT', 'RADIATOR', 'RAIL', 'BLIND',
    'CEILING_LIGHT', 'SMOKE_ALARM', 'CEILING_FAN', 'VENT_COVER', 'RADIATOR_COVER', 'STRIPS'));

-- What was noted can be put right.
alter table sheet_note add version int not null default 0;
