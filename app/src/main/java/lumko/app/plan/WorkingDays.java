package lumko.app.plan;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.house.Houses;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Speaker;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Days on which somebody is away or works although it is a day off, and the hours in which a house lets people work. */
@Service
@Transactional
public class WorkingDays {
    private final PersonDayRepository days;
    private final HouseHoursRepository hours;
    private final Searches searches;
    private final Houses houses;
    private final Access access;
    private final Speaker speaker;

    WorkingDays(
            PersonDayRepository days,
            HouseHoursRepository hours,
            Searches searches,
            Houses houses,
            Access access,
            Speaker speaker) {
        this.days = days;
        this.hours = hours;
        this.searches = searches;
        this.houses = houses;
        this.access = access;
        this.speaker = speaker;
    }

    /**
     * A day that is not as every week.
     *
     * @param works whether they work on it
     */
    public record OtherDay(UUID id, LocalDate day, boolean works) {}

    /** From when to when a house lets people work in it. */
    public record Opening(UUID houseId, LocalTime from, LocalTime to) {}

    /** By person, from today on. */
    @Transactional(readOnly = true)
    public Map<UUID, List<OtherDay>> all() {
        return days.findByDayOnGreaterThanEqualOrderByDayOn(speaker.today()).stream()
                .collect(Collectors.groupingBy(
                        row -> row.personId,
                        Collectors.mapping(row -> new OtherDay(row.id(), row.dayOn, row.works), Collectors.toList())));
    }

    /** Somebody says it of oneself, the lead of everybody. Said twice the last counts. */
    public void set(UUID personId, LocalDate day, boolean works) {
        requireOwn(personId);
        days.deleteAll(days.findByPersonIdAndDayOn(personId, day));
        days.flush();
        days.save(new PersonDayRow(personId, day, works));
        searches.ask();
    }

    public void forget(UUID id) {
        PersonDayRow row = days.findById(id).orElseThrow(NotFoundException::new);
        requireOwn(row.personId);
        days.delete(row);
        searches.ask();
    }

    private void requireOwn(UUID personId) {
        if (!personId.equals(access.member().personId())) {
            access.requireLead();
        }
    }

    @Transactional(readOnly = true)
    public List<Opening> openings() {
        return hours.findAll().stream()
                .map(row -> new Opening(row.houseId, row.openFrom, row.openTo))
                .toList();
    }

    /** @param opening always, where it is empty */
    public void open(UUID houseId, Optional<Opening> opening) {
        access.requireLead();
        houses.house(houseId);
        hours.findByHouseId(houseId).ifPresent(hours::delete);
        hours.flush();
        opening.ifPresent(said -> hours.save(new HouseHoursRow(houseId, said.from(), said.to())));
        searches.ask();
    }
}
