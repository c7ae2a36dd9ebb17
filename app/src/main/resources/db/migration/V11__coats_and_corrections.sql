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

-- The correction visit: which side of a line is painted again, whether what crept over it still wipes off, and chips of the trim.

alter table mark
  add column owner varchar(15) not null default 'THIS_SURFACE'
    check (owner in ('THIS_SURFACE', 'CEILING', 'TRIM', 'WALL_BESIDE')),
  add column freshness varchar(15) not null default 'AS_RECORDED'
    check (freshness in ('AS_RECORDED', 'STILL_FRESH', 'HAS_SET'));
alter table mark alter column owner drop default, alter column freshness drop default;
alter table mark drop constraint mark_kind_check;
alter table mark add constraint mark_kind_check check (kind in (
    'NAIL_HOLE', 'SCREW_HOLE', 'PROUD_RIM', 'ANCHOR', 'TOGGLE', 'POPPED_FASTENER', 'DING', 'GOUGE', 'HOLE',
    'BOX_GAP', 'HOLLOW_REPAIR', 'CRACK', 'JOINT_CRACK', 'FAILED_CAULK', 'TAPE_TEAR', 'PLASTER_ON_BEAD',
    'FLAKING', 'NIBS', 'GLASSY_PLASTER', 'LUMPY_PLASTER', 'BARE_SURFACE', 'WALLPAPER_REMAINS',
    'PANEL_OR_PAPER', 'RUST', 'RUN', 'LAP_MARK', 'PROUD_FILLER', 'SMOOTH_ISLAND', 'OLD_TOUCH_UP', 'OLD_SHEEN',
    'HALO', 'BLEED', 'WAVY_LINE', 'TRIM_CHIP', 'SHOWS_THROUGH', 'PALE_SHAPES', 'SCUFF', 'GREASE', 'MOULD', 'STAIN', 'SMOKE'));
alter table mark drop constraint mark_method_check;
alter table mark add constraint mark_method_check check (method in (
    'PULL_AND_FILL', 'UNSCREW_AND_FILL', 'RIM_DOWN_AND_FILL', 'UNSCREW_PLUG', 'PUNCH_PLUG_IN',
    'HAMMER_PLUG_IN', 'CUT_PLUG_FLUSH', 'TOGGLE_OUT_AND_PATCH', 'RESET_FASTENER', 'FILL_FLUSH',
    'TWO_PART_FILL', 'SEAL_AND_SKIM_OVER', 'COVER_PATCH', 'PLUG_WITH_PAPER_FLANGE', 'BACKING_AND_PLUG',
    'BOARD_TO_FRAMING', 'PLASTER_KEPT_DAMP', 'BOX_PATCH', 'RAKE_AND_FILL', 'RAKE_TAPE_AND_FILL',
    'FLEXIBLE_CAULK', 'FILL_THEN_CAULK', 'NEW_CAULK', 'SCRAPE_AND_FEATHER', 'SHAVE_FLAT', 'DULL',
    'SAND_LUMPS', 'SKIM_THE_WALL', 'MIST_COAT', 'BOARD_PRIMER', 'STRIP_WASH_AND_SEAL', 'DULL_AND_PAINT_OVER',
    'FILL_SEAMS', 'WIRE_OFF_AND_PRIME', 'HARDEN_AND_SAND', 'SAND_OUT', 'RESTORE_TEXTURE', 'SCRAPE_EDGE',
    'WASH', 'DEGREASE', 'KILL_AND_BLOCK', 'BLOCK_STAIN', 'WASH_AND_SEAL', 'SAND_TO_BEAD', 'WIPE_THE_BLEED',
    'LINE_TAPED_AND_REPAINTED', 'LINE_FREEHAND', 'CHIP_TOUCHED_IN'));
alter table sheet_step drop constraint sheet_step_says_check;
alter table sheet_step add constraint sheet_step_says_check check (says <@ array[
    'NOT_INVISIBLE', 'LEAST_VISIBLE_FIRST', 'SHEEN_FADES', 'TOUCH_UP_EARLY', 'BOTH_WAYS_COUNTED',
    'PRIME_EVERY_FILL', 'PLUG_JUST_BELOW', 'RING_SCRAPED', 'RELIEF_CLEARED', 'PUNCH_DENTS_LESS',
    'HAMMER_SECOND_FILL', 'DEEP_PLUG_BACKED', 'SCREWS_WITH_PLATE', 'PLATES_CLEAN', 'PLATES_OFF_BETTER',
    'WRAP_WHAT_STAYS', 'PREP_TWICE', 'WASH_THEN_JUDGE', 'NO_FINGERS', 'SHEEN_ALONG_WALL', 'LOOK_ALONG',
    'SCRAPE_RIDGES', 'FIT_STOP', 'GREASE_FIRST', 'KEY_SHEEN', 'HEAT_OR_WAIT', 'OVERNIGHT_LAST',
    'STEPPED_CAUSE_FIRST', 'SAG_STOP', 'OLD_BEAD_OUT', 'CAULK_SHRINKS', 'CLOGGED_SHEET', 'SEND_BACK',
    'WHY_FLAKED', 'CHIPS_GATHERED_WET', 'BLEED_TWO_DAYS', 'SCORE_DRY_TAPE', 'PRIMER_EVEN_TONE',
    'SECOND_COAT_RULE', 'DULL_NO_SHINE', 'STAY_NINETY_MINUTES', 'PAINT_WHEN_PALE', 'FIRST_COAT_IS_TEST',
    'HALF_YEARLY_LOOK', 'SMOKE_ALL_SURFACES', 'SECOND_BLOCK_COAT', 'RING_BLEEDS', 'MOULD_NEEDS_AIR',
    'PANEL_EVERY_TIME', 'BRIGHT_METAL', 'WET_FILLER_PULLS', 'TIME_FOR_ALL', 'TOWARDS_WINDOW', 'DARK_SHOWS',
    'THIRD_COAT_ODDS', 'CEILING_COAT_MORE', 'CONFIRM_PAINT', 'RECORD_PAINT', 'RECORD_COATS',
    'STIR_FROM_BOTTOM', 'SEAL_PROTECTED_COLOUR', 'WALL_ONTO_SKIRTING', 'MIX_RUNS_OUT', 'MIX_ALL_FIRST',
    'JUDGE_DRY', 'BOX_TINS', 'BAG_DATED', 'BAG_OVER_WEEK', 'INSPECT_1_2_M', 'LABEL_LEFTOVERS', 'NO_WEIGHT',
    'LAST_COAT_PART', 'HOLLOW_AGAIN', 'ASK_FOR_TOOL', 'SEAL_RAW_PAPER', 'TEXTURE_BEFORE_PRIMER',
    'STEAM_TOUGH', 'SKIM_ONCE', 'LAMP_ALONG', 'TEST_LEAD_FIRST', 'HIGH_FIRST', 'KEEP_LITTLE_OUT',
    'TAPE_ON_LINE',
    'LINE_OF_THIS_SURFACE', 'LINE_OF_CEILING', 'LINE_OF_TRIM', 'LINE_OF_WALL_BESIDE', 'CHIP_FROM_POT', 'SCRAPE_TO_HOLD', 'UNKEYED_PEELS', 'SEAM_HOURS', 'PIPES_MUST_GIVE', 'BEHIND_UNPAINTED',
    'LAY_OFF_ONCE', 'SMALL_STRETCHES', 'TINT_UNDERCOAT', 'PALE_SHAPES', 'MATCH_WHOLE_WALL', 'CARPET_TAPE_WET',
    'CARPET_THIN_LOAD', 'SUPPLY_OFF', 'LOOK_FOR_CABLES', 'TWO_STRAP_MASK', 'GLOVES_GOGGLES', 'NO_DRY_SANDING',
    'NEVER_MIX_BLEACH', 'EYES_OVERHEAD', 'FOOTED_LADDER', 'WIPE_BEFORE_RINSE', 'RADIATOR_BY_TWO',
    'SAMPLE_ASBESTOS']::varchar[]);
