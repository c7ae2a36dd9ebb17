package lumko.app.house;

import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** Takes off the record what is no longer there, or never was, and puts it back. */
@Controller
class OffRecordController {
    private final OffRecord offRecord;

    OffRecordController(OffRecord offRecord) {
        this.offRecord = offRecord;
    }

    @PostMapping("/rooms/{roomId}/remove")
    String removeRoom(@PathVariable UUID roomId) {
        return CorrectingController.setUpOf(offRecord.removeRoom(roomId));
    }

    @PostMapping("/rooms/{roomId}/put-back")
    String putBackRoom(@PathVariable UUID roomId) {
        return CorrectingController.setUpOf(offRecord.putBackRoom(roomId));
    }

    @PostMapping("/flats/{flatId}/close")
    String closeFlat(@PathVariable UUID flatId) {
        offRecord.closeFlat(flatId);
        return CorrectingController.setUpOf(flatId);
    }

    @PostMapping("/flats/{flatId}/reopen")
    String reopenFlat(@PathVariable UUID flatId) {
        offRecord.reopenFlat(flatId);
        return CorrectingController.setUpOf(flatId);
    }

    @PostMapping("/houses/{houseId}/close")
    String closeHouse(@PathVariable UUID houseId) {
        offRecord.closeHouse(houseId);
        return "redirect:/houses/" + houseId;
    }

    @PostMapping("/houses/{houseId}/reopen")
    String reopenHouse(@PathVariable UUID houseId) {
        offRecord.reopenHouse(houseId);
        return "redirect:/houses/" + houseId;
    }
}
