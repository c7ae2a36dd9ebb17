package lumko.app.sheet;

import java.time.Duration;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.account.GuestLinks;
import lumko.app.house.House;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who opens a sheet to a guest, and ends it: those whose house's records they are. */
@Service
@Transactional
class Guests {
    private final Sheets sheets;
    private final GuestLinks links;
    private final Access access;

    Guests(Sheets sheets, GuestLinks links, Access access) {
        this.sheets = sheets;
        this.links = links;
        this.access = access;
    }

    /** @return the secret of a new link */
    public String invite(UUID sheetId, Duration opens) {
        requireRecordsOf(sheetId);
        return links.issue(sheetId, opens);
    }

    /** @return the sheet that a link opened */
    public UUID end(UUID linkId) {
        UUID sheetId = links.sheetOf(linkId);
        requireRecordsOf(sheetId);
        links.revoke(linkId);
        return sheetId;
    }

    private void requireRecordsOf(UUID sheetId) {
        House house = sheets.sheet(sheetId).flat().house();
        access.requireRecordsOf(house.id(), house.name());
    }
}
