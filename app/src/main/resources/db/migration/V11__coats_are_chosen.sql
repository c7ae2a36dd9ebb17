-- How many coats go on is chosen at the wall; a paint that was to be bought is bought, whatever is left over of it; and what
-- one more coat would take is kept with the sheet, so that it can be carried.

alter table wall_visit
  add column undercoats integer check (undercoats between 0 and 2),
  add column finish_coats integer check (finish_coats between 1 and 4),
  add constraint wall_visit_coats_check check ((undercoats is null) = (finish_coats is null));

alter table sheet_wall
  add column bought boolean not null default false,
  add column more_chance double precision not null default 0 check (more_chance between 0 and 1),
  add column more_litres double precision not null default 0 check (more_litres >= 0 and more_litres < 1000),
  add column more_minutes double precision not null default 0 check (more_minutes >= 0 and more_minutes < 100000);
alter table sheet_wall
  alter column bought drop default, alter column more_chance drop default,
  alter column more_litres drop default, alter column more_minutes drop default;

alter table event drop constraint event_kind_check;
alter table event add constraint event_kind_check check (kind in (
    'MARK_SET', 'MARKS_SWEPT', 'MARKS_COPIED', 'MARK_MEASURED', 'MARK_CONDITION', 'MARK_METHOD',
    'MARK_REMOVED', 'MARK_RESTORED', 'MARK_MADE_GOOD', 'MARK_OPEN_AGAIN', 'COLOUR_READ', 'PAINT_IDENTIFIED',
    'PAINT_REFUSED', 'PAINT_ANSWERED', 'PAINT_CHOSEN', 'COATS_CHOSEN', 'TIN_RECOGNISED', 'OVERRULED', 'VERDICT_FOLLOWED',
    'FINDING_NOTED', 'FINDING_WITHDRAWN', 'PLACE_ANSWERED', 'SHEET_MADE', 'SHEET_GIVEN_UP', 'FAULTS_ADDED', 'COAT_ADDED',
    'TICKED', 'TICKED_EARLY', 'UNTICKED', 'AIR_NOTED', 'CAUTION_READ', 'NOTE_WRITTEN', 'SHEET_CLOSED', 'SHEET_REOPENED',
    'COAT_RECORDED', 'ROOM_ENTERED', 'FEATURE_ENTERED', 'DATES_SET', 'LET_AGAIN', 'PRACTICE_FOR_JOB'));
