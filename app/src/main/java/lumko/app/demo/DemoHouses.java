package lumko.app.demo;

import java.util.List;
import java.util.UUID;
import lumko.app.house.Houses;
import lumko.app.house.Recording;
import lumko.app.house.Roof;
import lumko.core.record.Substrate;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/** The houses of the made-up society, with what stands in each. */
@Component
@Lazy
class DemoHouses {
    private final Recording recording;
    private final Houses houses;
    private final DemoFlats flats;
    private final DemoFaults faults;
    private final DemoJobs jobs;

    DemoHouses(Recording recording, Houses houses, DemoFlats flats, DemoFaults faults, DemoJobs jobs) {
        this.recording = recording;
        this.houses = houses;
        this.flats = flats;
        this.faults = faults;
        this.jobs = jobs;
    }

    UUID ropewalk() {
        UUID house = recording.addHouse("Ropewalk Court", 1911, Roof.SAW, false);
        List<UUID> all = flats.flats(house, 5, 5, 4, 4);
        flats.detailed(all.get(6));
        for (int n = 0; n < all.size(); n++) {
            if (n != 6) {
                flats.lighter(all.get(n), n, Substrate.LIME_PLASTER);
            }
        }
        flats.dates(all.get(6), -3, 9, 12);
        faults.troubles(houses.flat(all.get(6)));
        flats.dates(all.get(11), -12, -1, 1);
        jobs.underWay(all.get(11), 16, 4, 5);
        flats.dates(all.get(2), -5, 6, 9);
        jobs.underWay(all.get(2), 9, 30, 2);
        flats.dates(all.get(15), -4, 8, 10);
        jobs.underWay(all.get(15), 11, 0, 6);
        flats.dates(all.get(8), 6, 16, 20);
        flats.dates(all.get(14), -16, 4, 6);
        jobs.underWay(all.get(14), 5, 24 * 10, Integer.MAX_VALUE);
        return house;
    }

    UUID terrace() {
        UUID house = recording.addHouse("Tern Terrace", 1934, Roof.GABLE, false);
        List<UUID> cottages = flats.flats(house, 6);
        for (int n = 0; n < cottages.size(); n++) {
            flats.lighter(cottages.get(n), n + 3, Substrate.LIME_PLASTER);
        }
        flats.dates(cottages.get(3), -6, 5, 8);
        jobs.underWay(cottages.get(3), 7, 5, 7);
        flats.dates(cottages.get(1), 12, 24, 30);
        flats.dates(cottages.get(5), -1, 20, 26);
        faults.damp(cottages.get(5));
        return house;
    }

    UUID brickfield() {
        UUID house = recording.addHouse("Brickfield House", 1976, Roof.FLAT, true);
        List<UUID> all = flats.flats(house, 6, 6, 6, 6);
        for (int n = 0; n < all.size(); n++) {
            if (n != 18) {
                flats.lighter(all.get(n), n + 5, Substrate.GYPSUM_BOARD);
            }
        }
        flats.unknownPaint(all.get(18));
        faults.unknown(all.get(18));
        flats.dates(all.get(18), -2, 14, 18);
        flats.dates(all.get(4), -4, 11, 15);
        faults.smoked(all.get(4));
        flats.dates(all.get(13), -7, 7, 9);
        jobs.underWay(all.get(13), 12, 1, 3);
        flats.dates(all.get(19), 9, 20, 22);
        flats.dates(all.get(7), -15, 3, 5);
        jobs.underWay(all.get(7), 6, 24 * 3, Integer.MAX_VALUE);
        return house;
    }
}
