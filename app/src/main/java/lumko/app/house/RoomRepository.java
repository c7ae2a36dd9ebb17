package lumko.app.house;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import lumko.core.geometry.Wall;
import lumko.core.quantity.Length;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface RoomRepository extends JpaRepository<RoomRow, UUID> {
    /** Marks are the walk's, which stands above the record: only whether there is one is asked. */
    @Query("""
            select count(m) > 0 from MarkRow m join SurfaceRow s on s.id = m.surfaceId
            where s.roomId = :roomId and s.kind = lumko.app.house.SurfaceKind.WALL
              and m.removedAt is null and m.madeGoodOn is null and m.aboveFloorMillimetres > :millimetres""")
    boolean hasMarkAbove(UUID roomId, double millimetres);

    /** Where a mark that is open stands on a wall. */
    record Standing(double leftMillimetres, double aboveFloorMillimetres) {}

    @Query("""
            select new lumko.app.house.RoomRepository$Standing(m.leftMillimetres, m.aboveFloorMillimetres) from MarkRow m
            where m.surfaceId = :surfaceId and m.removedAt is null and m.madeGoodOn is null""")
    List<Standing> marksOn(UUID surfaceId);

    /** Whether an open mark on a surface would lie beyond its edges, above its roof or below its stairs, if it were so. */
    default boolean hasMarkBeyond(UUID surfaceId, Wall then) {
        return marksOn(surfaceId).stream()
                .anyMatch(mark -> mark.leftMillimetres() > then.width().inMillimetres()
                        || mark.aboveFloorMillimetres()
                                > then.heightAt(Length.ofMillimetres(mark.leftMillimetres()))
                                        .inMillimetres()
                        || mark.aboveFloorMillimetres()
                                < then.footAt(Length.ofMillimetres(mark.leftMillimetres()))
                                        .inMillimetres());
    }

    /** Whether anything was ever done in a room: what rests on it is not taken from under it. */
    @Query("""
            select exists (select 1 from RoomFindingRow f where f.roomId = :roomId)
              or exists (select 1 from SurfaceRow s where s.roomId = :roomId and (
                exists (select 1 from MarkRow m where m.surfaceId = s.id)
                or exists (select 1 from VisitRow v where v.surfaceId = s.id or v.asSurfaceId = s.id)
                or exists (select 1 from PlaceAnswerRow p where p.surfaceId = s.id)
                or exists (select 1 from SheetWallRow w where w.surfaceId = s.id)
                or exists (select 1 from ReadingRow r where r.surfaceId = s.id)
                or exists (select 1 from KeptRow k where k.surfaceId = s.id)
                or exists (select 1 from CoatRow c where c.surfaceId = s.id and c.sheetId is not null)))""")
    boolean isUsed(UUID roomId);

    List<RoomRow> findByFlatIdInOrderByPosition(Collection<UUID> flatIds);

    int countByFlatId(UUID flatId);

    /**
     * @param rooms how many there are
     */
    record Count(UUID flatId, long rooms) {}

    @Query("select new lumko.app.house.RoomRepository$Count(room.flatId, count(room)) from RoomRow room "
            + "where room.flatId in :flatIds group by room.flatId")
    List<Count> count(Collection<UUID> flatIds);
}
