-- A roof may run level between two slopes, and stairs may run along the foot of a wall. V16 went out twice, first without any of
-- this and then with it: what stands already is left as it is, what is missing is made.
alter table surface
    drop constraint surface_peak_from_left_mm_check,
    drop constraint surface_roof_check,
    drop constraint if exists surface_stairs_check,
    add column if not exists peak_level_mm double precision check (peak_level_mm between 0 and 30000),
    add column if not exists stairs_left_mm double precision check (stairs_left_mm between 0 and 8000),
    add column if not exists stairs_right_mm double precision check (stairs_right_mm between 0 and 8000),
    add column if not exists stairs_from_mm double precision check (stairs_from_mm between 0 and 30000),
    add column if not exists stairs_until_mm double precision check (stairs_until_mm between 0 and 30000),
    add constraint surface_peak_from_left_mm_check check (peak_from_left_mm between 0 and 30000);

-- before it could be said, two slopes met in a ridge
update surface set peak_level_mm = 0 where peak_from_left_mm is not null and peak_level_mm is null;

alter table surface
    add constraint surface_roof_check check (
      num_nonnulls(roof_left_mm, roof_right_mm) in (0, 2)
      and num_nonnulls(peak_from_left_mm, peak_high_mm, peak_level_mm) in (0, 3)
      and (roof_left_mm is not null or peak_from_left_mm is null) and (kind = 'WALL' or roof_left_mm is null)),
    add constraint surface_stairs_check check (
      num_nonnulls(stairs_left_mm, stairs_right_mm, stairs_from_mm, stairs_until_mm) in (0, 4)
      and (kind = 'WALL' or stairs_left_mm is null) and stairs_from_mm < stairs_until_mm);

-- a note taken off a sheet can be put back
alter table sheet_note add column if not exists taken_off_at timestamptz;

-- what can hurt someone over a flight of stairs
alter table sheet_step drop constraint sheet_step_cautions_check;
alter table sheet_step add constraint sheet_step_cautions_check check (cautions <@ array[
  'ELECTRICITY', 'LEAD', 'ASBESTOS', 'DUST', 'LADDER', 'STAIRS', 'WEIGHT', 'SPLASHES', 'CHEMICALS', 'SOLVENT',
  'CAUSE_FIRST', 'DRAINS'
]::varchar[]);
alter table sheet_caution drop constraint sheet_caution_caution_check;
alter table sheet_caution add constraint sheet_caution_caution_check check (caution in (
  'ELECTRICITY', 'LEAD', 'ASBESTOS', 'DUST', 'LADDER', 'STAIRS', 'WEIGHT', 'SPLASHES', 'CHEMICALS', 'SOLVENT',
  'CAUSE_FIRST', 'DRAINS'));
