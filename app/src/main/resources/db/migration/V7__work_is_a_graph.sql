-- Work is a graph: each sheet keeps activities, room by room, with what comes before what and why; what has to dry is kept as
-- material, thickness and purpose, never as hours. Every list of words in the database is that of the program.

-- ---- what is found and recorded

alter table mark drop constraint mark_kind_check;
alter table mark add constraint mark_kind_check check (kind in (
    'NAIL_HOLE', 'SCREW_HOLE', 'PROUD_RIM', 'ANCHOR', 'TOGGLE', 'POPPED_FASTENER', 'DING', 'GOUGE', 'HOLE',
    'BOX_GAP', 'HOLLOW_REPAIR', 'CRACK', 'JOINT_CRACK', 'FAILED_CAULK', 'TAPE_TEAR', 'PLASTER_ON_BEAD',
    'FLAKING', 'NIBS', 'GLASSY_PLASTER', 'LUMPY_PLASTER', 'BARE_SURFACE', 'WALLPAPER_REMAINS',
    'PANEL_OR_PAPER', 'RUST', 'RUN', 'LAP_MARK', 'PROUD_FILLER', 'SMOOTH_ISLAND', 'OLD_TOUCH_UP', 'OLD_SHEEN',
    'HALO', 'BLEED', 'WAVY_LINE', 'SHOWS_THROUGH', 'PALE_SHAPES', 'SCUFF', 'GREASE', 'MOULD', 'STAIN', 'SMOKE'));
alter table mark add constraint mark_method_check check (method in (
    'PULL_AND_FILL', 'UNSCREW_AND_FILL', 'RIM_DOWN_AND_FILL', 'UNSCREW_PLUG', 'PUNCH_PLUG_IN',
    'HAMMER_PLUG_IN', 'CUT_PLUG_FLUSH', 'TOGGLE_OUT_AND_PATCH', 'RESET_FASTENER', 'FILL_FLUSH',
    'TWO_PART_FILL', 'SEAL_AND_SKIM_OVER', 'COVER_PATCH', 'PLUG_WITH_PAPER_FLANGE', 'BACKING_AND_PLUG',
    'BOARD_TO_FRAMING', 'PLASTER_KEPT_DAMP', 'BOX_PATCH', 'RAKE_AND_FILL', 'RAKE_TAPE_AND_FILL',
    'FLEXIBLE_CAULK', 'FILL_THEN_CAULK', 'NEW_CAULK', 'SCRAPE_AND_FEATHER', 'SHAVE_FLAT', 'DULL',
    'SAND_LUMPS', 'SKIM_THE_WALL', 'MIST_COAT', 'BOARD_PRIMER', 'STRIP_WASH_AND_SEAL', 'DULL_AND_PAINT_OVER',
    'FILL_SEAMS', 'WIRE_OFF_AND_PRIME', 'HARDEN_AND_SAND', 'SAND_OUT', 'RESTORE_TEXTURE', 'SCRAPE_EDGE',
    'WASH', 'DEGREASE', 'KILL_AND_BLOCK', 'BLOCK_STAIN', 'WASH_AND_SEAL', 'SAND_TO_BEAD', 'WIPE_THE_BLEED',
    'LINE_TAPED_AND_REPAINTED', 'LINE_FREEHAND'));
alter table mark
  add column turns varchar(10) not null default 'FREELY' check (turns in ('FREELY', 'STUCK')),
  add column driven varchar(10) not null default 'FLUSH' check (driven in ('FLUSH', 'TOO_FAR')),
  add column recurring varchar(12) not null default 'FIRST_SEEN' check (recurring in ('FIRST_SEEN', 'CAME_BACK')),
  add column offset_mm double precision not null default 0 check (offset_mm between 0 and 50),
  add column hold varchar(8) not null default 'FIRM' check (hold in ('FIRM', 'GIVES')),
  add column cause varchar(20) not null default 'NOT_LOOKED_FOR' check (cause in (
    'NOT_LOOKED_FOR', 'MENDED', 'STILL_THERE', 'TOO_LITTLE_AIR', 'NO_DOOR_STOP', 'UNSEALED_FILLER'));
alter table mark alter column turns drop default, alter column driven drop default, alter column recurring drop default,
  alter column offset_mm drop default, alter column hold drop default, alter column cause drop default;
-- the gap round a box is measured from here on; so far it was taken for 5 mm
update mark set depth_mm = 5 where kind = 'BOX_GAP' and depth_mm < 0.5;

alter table room_finding drop constraint room_finding_finding_check;
alter table room_finding add constraint room_finding_finding_check check (finding in (
    'SMELL_OF_SMOKE', 'DAMP', 'MOULD', 'STEAM', 'TENANT_COLOUR', 'FLOOR_COMES_LATER', 'FURNISHED',
    'FILM_ON_THE_CLOTH'));

alter table wall_feature drop constraint wall_feature_kind_check;
alter table wall_feature alter column kind type varchar(15);
alter table wall_feature add constraint wall_feature_kind_check check (kind in (
    'DOOR', 'WINDOW', 'PASSAGE', 'SOCKET', 'SWITCH', 'WALL_LIGHT', 'RADIATOR', 'RAIL', 'BLIND',
    'CEILING_LIGHT', 'VENT_COVER', 'RADIATOR_COVER', 'STRIPS'));

alter table coat drop constraint coat_layer_check;
alter table coat alter column layer type varchar(15);
alter table coat add constraint coat_layer_check check (layer in (
    'SUBSTRATE', 'SKIM', 'FILLER', 'PRIMER', 'SPOT_PRIMER', 'STAIN_BLOCK', 'FINISH', 'SPOTS', 'MIST_COAT',
    'WALLPAPER', 'PANEL_FINISH', 'VARNISH', 'UNKNOWN'));

alter table wall_visit drop constraint wall_visit_overruled_action_check;
alter table wall_visit add constraint wall_visit_overruled_action_check check (overruled_action in
    ('LEAVE', 'WASH', 'DAB', 'FEATHER', 'ROLL', 'SKIM_AND_ROLL', 'ROOM', 'FLAT'));
alter table sheet_wall drop constraint sheet_wall_action_check;
alter table sheet_wall add constraint sheet_wall_action_check check (action in
    ('LEAVE', 'WASH', 'DAB', 'FEATHER', 'ROLL', 'SKIM_AND_ROLL', 'ROOM', 'FLAT'));

-- how many spots are dabbed comes out of the costs now
delete from own_figure where figure = 'SPOTS_TO_DAB';
alter table own_figure add constraint own_figure_figure_check check (figure in (
    'SET_UP', 'PACK_UP', 'PLATE_OFF', 'PLATE_BACK', 'PROTECT_FLOOR', 'TAPE_ON', 'TAPE_OFF', 'MAKE_SOUND',
    'NAIL_HOLE_FILL', 'SCREW_HOLE_FILL', 'ANCHOR_FILL', 'DING_FILL', 'SMALL_HOLE_FIRST', 'SMALL_HOLE_NEXT',
    'MEDIUM_HOLE_FIRST', 'MEDIUM_HOLE_NEXT', 'LARGE_HOLE_FIRST', 'LARGE_HOLE_NEXT', 'CRACK_FIRST',
    'CRACK_NEXT', 'ANCHOR_IN', 'TOGGLE_OUT', 'FASTENER_RESET', 'SEAL_RAW_PAPER', 'BOX_GAP_FIRST',
    'BOX_GAP_NEXT', 'KEEP_DAMP', 'CAULK_OUT', 'CAULK_BEAD', 'WASH', 'KILL_MOULD', 'STRIP_PAPER', 'SAND_GLUE',
    'SCRAPE_FLAT', 'SAND_LUMPS', 'WIRE_OFF_RUST', 'RESTORE_TEXTURE', 'OVERFILL_SANDING', 'SPONGE_LEVELLING',
    'SAND_SPOT', 'SAND_WALL', 'DUST_AND_WIPE', 'SPOT_PRIME', 'SPOT_PRIME_LEAST', 'TOUCH_UP_SET_OUT', 'DAB',
    'FEATHER', 'FEATHER_AREA', 'CUT_IN', 'CUT_IN_AGAIN', 'ROLL_WALL', 'SKIM_FIRST', 'SKIM_SECOND',
    'PRIME_WALL', 'INSPECT', 'CUT_IN_LOOSE', 'CUT_AFTER_ROLLING', 'ROLL_CEILING', 'ROLL_WIDE',
    'WIDE_ROLLER_SET_OUT', 'ROLL_ADVANCE_50', 'LAY_OFF_SEVERAL', 'TRIM_BRUSH', 'DOOR_SIDE', 'WINDOW_CASING',
    'SAND_TRIM', 'SAND_PRIMER', 'TEST_PATCH', 'CORRECT', 'SCORE_TAPE', 'EVERY_TIME_CORNER', 'SPLASH_ZONE',
    'ABOVE_BATH', 'PLATE_LOOSENED', 'PLATE_MASKED', 'PLATE_SCRAPED', 'RAIL_OFF_AND_ON', 'RAIL_MASKED',
    'RADIATOR_BEHIND', 'RADIATOR_LIFTED', 'HALO_PUT_RIGHT', 'FITTING_BROKEN', 'SWEEP', 'SCRAPE_GLASS',
    'CHANGE_LINER', 'BAG_TOOL', 'SLEEVE_TAPED', 'SLEEVE_DAMPED', 'SLEEVE_WASHED', 'WASH_BRUSH', 'WASH_SLEEVE',
    'BOX_TINS', 'STIR', 'WRAP_FURNITURE', 'SAND_SPOT_TO_DAB', 'SECOND_ROUND_SPOT', 'CLEAN_JOINT',
    'SEAL_TAPE_EDGE', 'PLATE_TIGHTENED', 'BLEED_WIPED', 'LINE_REPAINTED', 'FILL_WHAT_SHOWS', 'REFILL_HOLLOW',
    'SAND_PLASTER_BY_MACHINE', 'SAND_TO_BEAD', 'WASH_GLUE', 'FIT_STRIP', 'DEGREASE', 'SPREAD_EMULSION',
    'SPREAD_PRIMER', 'SPREAD_STAIN_BLOCK', 'SPREAD_MIST_COAT', 'SPREAD_TRIM', 'TRIM_STRIP',
    'DOOR_SIDE_LITRES', 'OVERFILL', 'LOSS_ROLLER', 'LOSS_BRUSH', 'LOSS_TIN', 'ROLLED_COATS',
    'TEXTURE_ORANGE_PEEL', 'TEXTURE_LIGHT_KNOCK_DOWN', 'TEXTURE_HEAVY', 'TEXTURE_BARE_MASONRY',
    'LITRE_IN_MINUTES', 'FILLER_SHRINKAGE', 'SPREAD_ON_PRIMER', 'MIST_PAINT_SHARE', 'OPENING_STAYS_IN',
    'CUT_STRIP', 'SHEET_OF_PLASTER', 'SHEET_OF_PAINTED_WALL', 'SHEET_OF_SPOTS', 'CLEANER', 'SPOT_TOOL_LOAD',
    'SPOT_FILM', 'PRIMED_ROUND_SPOT', 'TEXTURE_FILM', 'DRY_SPACKLE', 'DRY_DRYING_COMPOUND',
    'DRY_SETTING_COMPOUND', 'DRY_TWO_PART', 'DRY_PLASTER', 'DRY_CAULK', 'DRY_PRIMER', 'DRY_EMULSION',
    'DRY_TRIM_WATER', 'DRY_TRIM_SOLVENT', 'DRY_DAMP_WALL', 'DRY_FINE_FILLER', 'DRY_TEXTURE',
    'DRY_ADHESION_PRIMER', 'DRY_SEAL_BEAD', 'DRY_EMULSION_TO_TAPE', 'DRY_EMULSION_TO_TOUCH',
    'DRY_TRIM_TO_TAPE', 'DRY_COMPOUND_TO_SAND', 'DRY_SETTING_TO_PAINT', 'WETTED_WITHIN', 'OPEN_TIME',
    'FULL_CURE', 'KEEP_DAMP_FOR', 'BAGGED_TOOLS_KEEP', 'BAGGED_COLD_KEEP', 'BLEED_WIPES_OFF', 'STILL_AIR',
    'SMALL_HOLE_TO', 'MEDIUM_HOLE_TO', 'TWO_COATS_TO', 'HAIRLINE_TO', 'WIDE_CRACK_FROM', 'GAP_CAULKED_TO',
    'STRUCTURE_FROM', 'SPACKLE_ONE_FILL', 'KNIFE_FIRST', 'KNIFE_SECOND', 'KNIFE_THIRD', 'KNIFE_BEYOND',
    'SHELL', 'FILLED_PAST', 'RIM_FILL', 'FASTENER_BESIDE', 'FASTENER_FEATHERED', 'DENT_UNSCREWED',
    'DENT_PUNCHED', 'DENT_HAMMERED', 'DENT_CUT_FLUSH', 'PLUG_BELOW', 'PLUG_CUT_BELOW', 'RAKED_GROOVE',
    'CRACK_FILLED_ACROSS', 'GAP_PACKED_DEEP', 'BEAD_LEAST', 'BEAD_BESIDE', 'TOOLED_WITH_CLOTH',
    'TOOLED_WITH_TOOL', 'PLASTER_PAST', 'BOX_PATCH_BED', 'SKIM_PAST', 'RIM_FEATHERED', 'SHAVED_BEYOND',
    'RUN_SANDED_BESIDE', 'LUMPS_BY_MACHINE', 'SEAM_EVERY', 'FEATHERED_BEYOND', 'SKIM_FILM', 'SKIM_FILM_AGAIN',
    'SKIM_THICKEST', 'FLOOR_STRIP', 'FLOOR_BELOW_SPOT', 'WIPED_ROUND_SPOT', 'SPOTS_SHARE', 'SPOT_DIAMETER',
    'SANDED_BEYOND_FILLER', 'SKIM_PER_SQUARE_METRE', 'SKIM_SHARE', 'SPREAD_SAME_TIN', 'SPREAD_SAME_BATCH',
    'SPREAD_BOUGHT_AGAIN', 'SPREAD_OTHER_PAINT', 'SHIFTS_A_YEAR', 'SHEEN_SAME_BATCH', 'SHEEN_BOUGHT_AGAIN',
    'SHEEN_OTHER_PAINT', 'NOT_SEEN', 'HARDLY_SEEN', 'CLEARLY_SEEN', 'SHEEN_GAP_ON_MATT', 'SHEEN_GAP_ON_SATIN',
    'DARK_BELOW', 'STRONG_ABOVE', 'GLOSS_ABOVE', 'FILM_OLD_AFTER', 'SMOOTH_ISLAND_ABOVE', 'OWN_MINUTES_FROM',
    'SHEEN_TONES_DOWN', 'EYE_BAND_FROM', 'EYE_BAND_TO', 'DELAY_OF_COMING_BACK', 'LEAD_BEFORE',
    'ASBESTOS_BEFORE', 'NEAR_ELECTRICITY', 'REACH', 'ABOVE_DEW_POINT', 'COLDEST_TO_PAINT', 'WARMEST_TO_PAINT',
    'DAMPEST_TO_PAINT'));

alter table practice_choice add constraint practice_choice_question_check check (question in (
    'CUT_OR_ROLL_FIRST', 'CUT_AHEAD', 'TRIM_ORDER', 'TAPING', 'TAPE_REMOVAL', 'FLOOR_PROTECTION', 'FITTINGS',
    'FILLER_LEVELLING', 'LEVELLING_METHOD', 'ANCHORS', 'CAULK_WHEN', 'JOINTS_BY_TRIM', 'CAULK_TOOLING',
    'SPOT_SEALING', 'BUILD_UP', 'SECOND_CUT_IN', 'STROKE', 'ROLLER_ADVANCE', 'LAYING_OFF',
    'WORKING_DIRECTION', 'NEW_SLEEVE', 'PREPARATION_DEPTH', 'PANEL_SEAMS', 'TOUCH_UP_TOOL', 'CEILING_COLOUR',
    'WET_TOOLS', 'TOUCH_UP_CYCLE', 'LEFT_OVERS', 'GLUE_RESIDUE'));
alter table practice_choice add constraint practice_choice_school_check check (school in (
    'CUT_IN_FIRST', 'ROLL_FIRST', 'CUT_WHOLE_ROOM', 'CUT_A_PIECE', 'TRIM_LAST', 'TRIM_FIRST',
    'TAPE_UNREACHABLE', 'TAPE_EVERYTHING', 'TAPE_OFF_WET', 'TAPE_OFF_DRY', 'FLOOR_FIRST',
    'FLOOR_AFTER_SANDING', 'FITTINGS_OFF', 'FITTINGS_LOOSENED', 'FITTINGS_MASKED',
    'FITTINGS_LEFT_AND_SCRAPED', 'FITTINGS_BY_MINUTES', 'STRIKE_FLUSH', 'OVERFILL_AND_SAND', 'DRY_SANDING',
    'DAMP_SPONGE', 'UNSCREW_ANCHORS', 'PUNCH_ANCHORS_IN', 'HAMMER_ANCHORS_IN', 'CUT_ANCHORS_FLUSH',
    'CAULK_AFTER_SANDING', 'CAULK_WITH_FILLING', 'CAULK_AFTER_DUST_OFF', 'CAULK_AFTER_PRIMER',
    'JOINTS_CAULKED', 'JOINTS_FILLED', 'WET_FINGER', 'CLOTH', 'CAULK_TOOL', 'SEAL_WITH_PRIMER',
    'SEAL_WITH_THINNED_PAINT', 'SEAL_WITH_BRUSHED_COAT', 'PRIMER_AND_TWO', 'TWO_PRIMERS_AND_TWO',
    'THINNED_SEALER_AND_TWO', 'SELF_PRIMING_TWO', 'SELF_PRIMING_THREE', 'ONE_COAT_WHERE_IT_HIDES',
    'THIN_PLACES_ONLY', 'CUT_IN_WHOLE_AGAIN', 'STROKE_W', 'STROKE_VERTICAL', 'OVERLAP_50', 'ADVANCE_50',
    'LAY_OFF_ONCE', 'LAY_OFF_SEVERAL', 'BY_THE_HAND', 'ANY_DIRECTION', 'SLEEVE_LINT_TAPED', 'SLEEVE_DAMP',
    'SLEEVE_WASHED_AND_DRIED', 'FULL_PREPARATION', 'LIGHT_PREPARATION', 'SEAMS_PAINTED_OVER', 'SEAMS_FILLED',
    'MINI_ROLLER_END', 'ROLLER_NEARLY_DRY', 'TOUCH_UP_BRUSH', 'FOAM_PAD', 'CEILING_WHITE', 'CEILING_AS_WALLS',
    'BAG_TOOLS', 'BAG_TOOLS_COLD', 'USE_LINERS', 'WASH_EACH_TIME', 'ONLY_AT_TURNOVER', 'HALF_YEARLY_ROUND',
    'USE_UP_LEFT_OVERS', 'NEW_BATCH_PER_FLAT', 'GLUE_SANDED_OFF', 'GLUE_WASHED_OFF'));
alter table event add constraint event_kind_check check (kind in (
    'MARK_SET', 'MARKS_SWEPT', 'MARKS_COPIED', 'MARK_MEASURED', 'MARK_CONDITION', 'MARK_METHOD',
    'MARK_REMOVED', 'MARK_RESTORED', 'MARK_MADE_GOOD', 'MARK_OPEN_AGAIN', 'COLOUR_READ', 'PAINT_IDENTIFIED',
    'PAINT_REFUSED', 'PAINT_ANSWERED', 'OVERRULED', 'VERDICT_FOLLOWED', 'FINDING_NOTED', 'FINDING_WITHDRAWN',
    'PLACE_ANSWERED', 'SHEET_MADE', 'SHEET_GIVEN_UP', 'FAULTS_ADDED', 'TICKED', 'TICKED_EARLY', 'UNTICKED',
    'AIR_NOTED', 'CAUTION_READ', 'NOTE_WRITTEN', 'SHEET_CLOSED', 'SHEET_REOPENED', 'COAT_RECORDED',
    'ROOM_ENTERED', 'FEATURE_ENTERED', 'DATES_SET', 'LET_AGAIN', 'PRACTICE_FOR_JOB'));
alter table sheet_caution add constraint sheet_caution_caution_check check (caution in (
    'ELECTRICITY', 'LEAD', 'ASBESTOS', 'DUST', 'LADDER', 'WEIGHT', 'SPLASHES', 'CHEMICALS', 'SOLVENT',
    'CAUSE_FIRST', 'DRAINS'));

-- ---- activities and what comes before what

alter table sheet_step
  add column activity text not null default '',
  add column round int not null default 0 check (round >= 0),
  add column rooms uuid[] not null default '{}',
  add column marks uuid[] not null default '{}',
  add column lasts_minutes double precision not null default 0 check (lasts_minutes >= 0),
  add column tape_m double precision not null default 0 check (tape_m >= 0),
  add column knives_mm double precision[] not null default '{}',
  add column says varchar[] not null default '{}';
alter table sheet_step alter column activity drop default, alter column round drop default,
  alter column rooms drop default, alter column marks drop default, alter column lasts_minutes drop default,
  alter column tape_m drop default, alter column knives_mm drop default, alter column says drop default;
-- what a wait is for says how long it is, not a material of its own
update sheet_step set dry_material = case when kind = 'TEST_PATCH' then 'EMULSION' else 'TRIM_WATER' end
  where dry_material = 'EMULSION_TO_TAPE';
alter table sheet_step add constraint sheet_step_kind_check check (kind in (
    'SET_UP', 'STIR', 'BOX_TINS', 'PREPARE_SLEEVE', 'WRAP_FURNITURE', 'PROTECT_FLOOR', 'PLATES_OFF',
    'FITTINGS_OFF', 'LOOSEN_FITTINGS', 'MASK_FITTINGS', 'KILL_MOULD', 'STRIP_PAPER', 'SAND_GLUE_OFF',
    'WASH_GLUE_OFF', 'WASH', 'WIPE_BLEED', 'TEST_PATCH', 'CUT_OUT_CAULK', 'MAKE_SOUND', 'SEAL_PAPER', 'FILL',
    'KEEP_DAMP', 'FILL_AGAIN', 'FILL_THIRD', 'SKIM', 'SKIM_AGAIN', 'SAND', 'SPONGE_LEVEL', 'SAND_TO_BEAD',
    'REFILL_HOLLOW', 'KEY_SAND', 'RESTORE_TEXTURE', 'CAULK', 'DUST_OFF', 'BLOCK_STAIN', 'PRIME_METAL',
    'SPOT_PRIME', 'SEAL_THINNED', 'MIST_COAT', 'PRIME_WALL', 'ADHESION_PRIME', 'PRIME_TRIM', 'LIGHT_SAND',
    'SAND_PRIMER', 'PRIME_AGAIN', 'TAPE_EDGES', 'SEAL_TAPE_EDGE', 'CUT_CEILING', 'ROLL_CEILING',
    'ROLL_CEILING_AGAIN', 'SET_OUT_TOUCH_UP', 'FIRST_DAB', 'CUT_IN', 'ROLL', 'ROLL_PANEL', 'BAG_TOOLS',
    'LOOK_FOR_MISSES', 'FILL_WHAT_SHOWS', 'DAB', 'FEATHER', 'CUT_IN_AGAIN', 'ROLL_AGAIN', 'ROLL_FURTHER',
    'SWEEP', 'SAND_TRIM', 'PAINT_TRIM', 'PAINT_TRIM_AGAIN', 'UNMASK', 'CORRECT', 'TIGHTEN_PLATES',
    'PLATES_BACK', 'FITTINGS_BACK', 'FIT_STRIPS', 'SCRAPE_OFF', 'WASH_TOOLS', 'INSPECT', 'PACK_UP'));
alter table sheet_step add constraint sheet_step_dry_material_check check (dry_material in (
    'SPACKLE', 'DRYING_COMPOUND', 'SETTING_COMPOUND', 'TWO_PART', 'PLASTER', 'CAULK', 'PRIMER', 'EMULSION',
    'TRIM_WATER', 'TRIM_SOLVENT', 'FINE_FILLER', 'TEXTURE', 'ADHESION_PRIMER', 'SEAL_BEAD', 'DAMP_WALL'));
alter table sheet_step add constraint sheet_step_tools_check check (tools <@ array[
    'TORCH', 'DUST_SHEET', 'MASKING_TAPE', 'LOW_TACK_TAPE', 'MASKING_FILM', 'SCREWDRIVER', 'VOLTAGE_TESTER',
    'HAMMER', 'PUNCH', 'PLIERS', 'MULTI_TOOL', 'CUTTING_KNIFE', 'SCRAPER', 'FILLING_KNIFE', 'WIDE_KNIVES',
    'CRACK_TAPE', 'PATCH', 'BOARD_AND_SCREWS', 'CAULK_GUN', 'TEXTURE_SPRAY', 'PAPER_80', 'BLOCK_AND_PAPER',
    'FOLDED_FINE_PAPER', 'PAPER_220', 'WET_PAPER', 'POWER_SANDER', 'WIRE_BRUSH', 'DAMP_SPONGE', 'WASH_BUCKET',
    'DUSTING_BRUSH', 'TWO_CLOTHS', 'VACUUM', 'SMALL_BRUSH', 'MINI_ROLLER', 'FOAM_PAD', 'ANGLED_BRUSH',
    'SASH_BRUSH', 'ROLLER', 'WIDE_ROLLER', 'SLIM_ROLLER', 'POLE', 'TRAY', 'TRAY_LINER', 'POT', 'STIRRER',
    'TOOL_BAGS', 'WINDOW_SCRAPER', 'HALF_MASK', 'GOGGLES', 'GLOVES', 'PLATFORM']::varchar[]);
alter table sheet_step add constraint sheet_step_cautions_check check (cautions <@ array[
    'ELECTRICITY', 'LEAD', 'ASBESTOS', 'DUST', 'LADDER', 'WEIGHT', 'SPLASHES', 'CHEMICALS', 'SOLVENT',
    'CAUSE_FIRST', 'DRAINS']::varchar[]);
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
    'TAPE_ON_LINE', 'SCRAPE_TO_HOLD', 'UNKEYED_PEELS', 'SEAM_HOURS', 'PIPES_MUST_GIVE', 'BEHIND_UNPAINTED',
    'LAY_OFF_ONCE', 'SMALL_STRETCHES', 'TINT_UNDERCOAT', 'PALE_SHAPES', 'MATCH_WHOLE_WALL', 'CARPET_TAPE_WET',
    'CARPET_THIN_LOAD', 'SUPPLY_OFF', 'LOOK_FOR_CABLES', 'TWO_STRAP_MASK', 'GLOVES_GOGGLES', 'NO_DRY_SANDING',
    'NEVER_MIX_BLEACH', 'EYES_OVERHEAD', 'FOOTED_LADDER', 'WIPE_BEFORE_RINSE', 'RADIATOR_BY_TWO',
    'SAMPLE_ASBESTOS']::varchar[]);
alter table sheet_use add constraint sheet_use_material_check check (material in (
    'SPACKLE', 'FINE_FILLER', 'DRYING_COMPOUND', 'SETTING_COMPOUND', 'TWO_PART_FILLER', 'PLASTER', 'CAULK',
    'TEXTURE', 'PRIMER', 'ADHESION_PRIMER', 'METAL_PRIMER', 'STAIN_BLOCK', 'MIST_COAT', 'THINNED_PAINT',
    'CLEANER', 'MOULD_KILLER', 'UNDERCOAT', 'WALL_PAINT', 'CEILING_PAINT', 'TRIM_PAINT'));

-- one activity of a sheet comes before another; or a coat that was on a surface before, with the moment it was put on
create table sheet_precedence (
  id uuid primary key,
  organisation_id uuid not null,
  sheet_id uuid not null,
  from_step uuid,
  since timestamptz,
  to_step uuid not null,
  why varchar(20) not null check (why in (
    'CRAFT', 'ACCESS', 'PROTECTS', 'CLEAN_FIRST', 'DUST_FALLS_ON_IT', 'SEALS', 'SPATTER', 'OWNS_THE_LINE',
    'WET_INTO_WET', 'SHOWS_IT', 'NEXT_COAT', 'BEFORE_USE', 'AFTER_USE', 'PRACTICE')),
  dry_material varchar(20) check (dry_material in (
    'SPACKLE', 'DRYING_COMPOUND', 'SETTING_COMPOUND', 'TWO_PART', 'PLASTER', 'CAULK', 'PRIMER', 'EMULSION',
    'TRIM_WATER', 'TRIM_SOLVENT', 'FINE_FILLER', 'TEXTURE', 'ADHESION_PRIMER', 'SEAL_BEAD', 'DAMP_WALL')),
  dry_thickness_mm double precision check (dry_thickness_mm > 0),
  dry_sheet_h double precision check (dry_sheet_h between 0.25 and 120),
  dry_for varchar(10) check (dry_for in ('RECOAT', 'SAND', 'PAINT', 'TAPE', 'HANDLE', 'CURE')),
  runs_out varchar(15) check (runs_out in ('STRIP_OPEN', 'TAPE_WET', 'STAYS_DAMP', 'BLEED_WIPES', 'BAGGED', 'BAGGED_COLD')),
  check ((from_step is null) <> (since is null)),
  check (num_nulls(dry_material, dry_thickness_mm, dry_for) in (0, 3)),
  foreign key (organisation_id, sheet_id) references sheet (organisation_id, id),
  foreign key (organisation_id, from_step) references sheet_step (organisation_id, id),
  foreign key (organisation_id, to_step) references sheet_step (organisation_id, id)
);
create index sheet_precedence_sheet on sheet_precedence (sheet_id);
create index sheet_precedence_from on sheet_precedence (from_step);
create index sheet_precedence_to on sheet_precedence (to_step);

-- ---- sheets from before

-- Makes activities of the steps that have none yet: one for each step and room, in their order, ticked as they were; what was
-- put on a surface has to be dry for what came after it there, and what ran out after one kind of step still does. Also for
-- records that an older version wrote; within_after and within_minutes are only kept for these.
create function steps_into_activities(of_organisation uuid) returns void language plpgsql as $$
declare
  step record;
  part record;
  part_id uuid;
  share double precision;
  n int;
begin
  set constraints sheet_step_order deferred;
  update sheet_step set position = position * 50
    where activity = '' and organisation_id = of_organisation;
  for step in select * from sheet_step where activity = '' and organisation_id = of_organisation loop
    n := 0;
    for part in
      select s.room_id, array_agg(s.id order by array_position(step.surfaces, s.id)) as surfaces
      from surface s where s.id = any (step.surfaces) group by s.room_id
      order by min(array_position(step.surfaces, s.id))
    loop
      if step.kind in ('SET_UP', 'PACK_UP', 'PREPARE_SLEEVE', 'SET_OUT_TOUCH_UP', 'BAG_TOOLS', 'WASH_TOOLS') then
        update sheet_step set rooms = rooms || part.room_id where id = step.id;
        continue;
      end if;
      share := cardinality(part.surfaces)::double precision / cardinality(step.surfaces);
      if n = 0 then
        part_id := step.id;
        update sheet_step set rooms = array[part.room_id], surfaces = part.surfaces, minutes = step.minutes * share,
          area_m2 = step.area_m2 * share, edge_m = step.edge_m * share, places = ceil(step.places * share)
          where id = step.id;
        update sheet_use set litres = litres * share where step_id = step.id;
      else
        part_id := gen_random_uuid();
        insert into sheet_step (id, organisation_id, sheet_id, position, kind, surfaces, paint, places, area_m2, edge_m,
            minutes, tools, cautions, dry_material, dry_thickness_mm, dry_sheet_h, within_after, within_minutes, ticked_by,
            ticked_at, early_why, version, activity, round, rooms, marks, lasts_minutes, tape_m, knives_mm, says)
          values (part_id, step.organisation_id, step.sheet_id, step.position + n, step.kind, part.surfaces, step.paint,
            ceil(step.places * share), step.area_m2 * share, step.edge_m * share, step.minutes * share, step.tools,
            step.cautions, step.dry_material, step.dry_thickness_mm, step.dry_sheet_h, step.within_after,
            step.within_minutes, step.ticked_by, step.ticked_at, step.early_why, step.version, '', 0,
            array[part.room_id], '{}', 0, 0, '{}', '{}');
        insert into sheet_use (id, organisation_id, step_id, material, paint, litres)
          select gen_random_uuid(), u.organisation_id, part_id, u.material, u.paint,
            u.litres / (select cardinality(f.surfaces)::double precision / cardinality(step.surfaces)
              from sheet_step f where f.id = step.id) * share
          from sheet_use u where u.step_id = step.id;
      end if;
      n := n + 1;
    end loop;
  end loop;

  insert into sheet_precedence (id, organisation_id, sheet_id, from_step, to_step, why, dry_material, dry_thickness_mm,
      dry_sheet_h, dry_for, runs_out)
    select gen_random_uuid(), b.organisation_id, b.sheet_id, a.id, b.id, 'PRACTICE',
      case when p.dry_for is not null then a.dry_material end,
      case when p.dry_for is not null then a.dry_thickness_mm end,
      case when p.dry_for is not null then a.dry_sheet_h end,
      case when a.dry_material is not null then p.dry_for end,
      case
        when b.within_after is distinct from a.kind then null
        when b.kind in ('ROLL', 'ROLL_CEILING') then 'STRIP_OPEN'
        when b.kind = 'UNMASK' then 'TAPE_WET'
        when b.kind = 'KEEP_DAMP' then 'STAYS_DAMP'
        when b.kind = 'CORRECT' then 'BLEED_WIPES'
        when b.within_minutes > 7 * 24 * 60 then 'BAGGED_COLD'
        else 'BAGGED'
      end
    from sheet_step b join sheet_step a on a.sheet_id = b.sheet_id and a.position < b.position and a.surfaces && b.surfaces
    cross join lateral (select case
        when b.kind in ('SAND', 'SPONGE_LEVEL', 'SAND_PRIMER', 'SAND_TRIM') then 'SAND'
        when b.kind in ('FILL_AGAIN', 'FILL_THIRD', 'SKIM_AGAIN', 'PRIME_AGAIN', 'ROLL_CEILING_AGAIN', 'DAB', 'FEATHER',
          'CUT_IN_AGAIN', 'ROLL_AGAIN', 'ROLL_FURTHER', 'PAINT_TRIM_AGAIN') then 'RECOAT'
        when b.kind = 'TAPE_EDGES' then 'TAPE'
        when b.kind in ('DUST_OFF', 'LOOK_FOR_MISSES', 'SWEEP', 'CORRECT', 'PLATES_BACK', 'FITTINGS_BACK', 'SCRAPE_OFF',
          'INSPECT') then 'HANDLE'
        when b.kind in ('TEST_PATCH', 'FILL', 'SKIM', 'KEY_SAND', 'RESTORE_TEXTURE', 'CAULK', 'BLOCK_STAIN', 'PRIME_METAL',
          'SPOT_PRIME', 'MIST_COAT', 'PRIME_WALL', 'ADHESION_PRIME', 'PRIME_TRIM', 'CUT_CEILING', 'ROLL_CEILING',
          'FIRST_DAB', 'CUT_IN', 'ROLL', 'ROLL_PANEL', 'PAINT_TRIM') then 'PAINT'
      end as usual) u
    -- a test patch is tried with tape
    cross join lateral (select case when a.kind = 'TEST_PATCH' and u.usual is not null then 'TAPE' else u.usual end
      as dry_for) p
    where a.activity = '' and b.activity = '' and b.organisation_id = of_organisation
      and (a.dry_material is not null and p.dry_for is not null or b.within_after = a.kind);

  update sheet_step set activity = id::text where activity = '' and organisation_id = of_organisation;
end $$;

select steps_into_activities(id) from organisation;
