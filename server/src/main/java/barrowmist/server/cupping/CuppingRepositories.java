package barrowmist.server.cupping;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Cuppings in the database. */
interface CuppingRepository extends JpaRepository<CuppingEntity, Long> {

    List<CuppingEntity> findAllByPutAsideFalseOrderByCuppedAtDescIdDesc(Pageable page);

    Optional<CuppingEntity> findByBlindingJoinCode(String joinCode);

    @Query("select c from CuppingEntity c where (c.blinding.blind = barrowmist.core.cupping.Blindness.OPEN"
            + " or c.blinding.revealedAt is not null) order by c.cuppedAt desc, c.id desc")
    List<CuppingEntity> told(Pageable page);

    /** Tables of a time on which a roast stands, and that wait for their reveal or for a first finished sheet. */
    @Query(
            "select distinct c from CuppingEntity c join CuppingSampleEntity x on x.cupping = c where x.roastId = :roastId"
                    + " and c.cuppedAt between :from and :to and ((c.blinding.blind <> barrowmist.core.cupping.Blindness.OPEN"
                    + " and c.blinding.revealedAt is null) or (c.blinding.blind = barrowmist.core.cupping.Blindness.OPEN"
                    + " and not exists (select s.id from SheetEntity s where s.cupping = c and s.finalScore is not null)))"
                    + " order by c.cuppedAt, c.id")
    List<CuppingEntity> openWith(long roastId, Instant from, Instant to);

    @Query("select c from CuppingEntity c where c.protocolJson is not null and c.id <> :id and c.cuppedAt <= :before"
            + " order by c.cuppedAt desc, c.id desc")
    List<CuppingEntity> withProtocolBefore(Instant before, long id, Pageable page);
}

/** Samples of tables in the database. */
interface CuppingSampleRepository extends JpaRepository<CuppingSampleEntity, Long> {}

/** Corrections of sheets in the database. */
interface SheetCorrectionRepository extends JpaRepository<SheetCorrectionEntity, Long> {

    @Query(
            "select c from SheetCorrectionEntity c join SheetEntity s on s.id = c.sheetId where s.cupping.id = :cuppingId"
                    + " order by c.id desc")
    List<SheetCorrectionEntity> ofTable(long cuppingId);
}

/** Seats at blind tables in the database. */
interface SeatRepository extends JpaRepository<SeatEntity, Long> {

    Optional<SeatEntity> findByTokenHash(String tokenHash);

    Optional<SeatEntity> findByCuppingIdAndCupper(long cuppingId, String cupper);

    int countByCuppingIdAndIdLessThan(long cuppingId, long id);

    List<SeatEntity> findAllByCuppingIdOrderById(long cuppingId);

    List<SeatEntity> findAllByCuppingInOrderById(Collection<CuppingEntity> cuppings);
}

/** Sets of triangles in the database. */
interface CupSetRepository extends JpaRepository<CupSetEntity, Long> {

    List<CupSetEntity> findAllByCuppingIdOrderByNumber(long cuppingId);

    List<CupSetEntity> findAllByCuppingInOrderByNumber(Collection<CuppingEntity> cuppings);

    Optional<CupSetEntity> findByCuppingIdAndNumber(long cuppingId, int number);

    int countByCuppingId(long cuppingId);

    /** What was answered at triangles that may be told and that a roast of this lot stands in. */
    @Query("select s from CupSetEntity s join fetch s.cupping where s.odd is not null and s.served is not null"
            + " and (s.cupping.blinding.blind = barrowmist.core.cupping.Blindness.OPEN or s.cupping.blinding.revealedAt is not null)"
            + " and s.cupping.id in (select x.cupping.id from CuppingSampleEntity x join RoastEntity r on r.id = x.roastId"
            + " where r.lot.id = :lotId and r.discardedReason is null and x.treatment is null)")
    List<CupSetEntity> answeredOfLot(long lotId);
}

/** Orders of roast-offs in the database. */
interface RankingRepository extends JpaRepository<RankingEntity, Long> {

    List<RankingEntity> findAllByCuppingIdOrderById(long cuppingId);

    List<RankingEntity> findAllByCuppingInOrderById(Collection<CuppingEntity> cuppings);

    Optional<RankingEntity> findByCuppingIdAndCupper(long cuppingId, String cupper);
}

/** Guesses from the green in the database. */
interface GuessRepository extends JpaRepository<GuessEntity, Long> {

    List<GuessEntity> findAllByCuppingIdOrderById(long cuppingId);

    Optional<GuessEntity> findByCuppingIdAndCupper(long cuppingId, String cupper);
}

/** Words of the house in the database. */
interface LabWordRepository extends JpaRepository<LabWordEntity, String> {

    List<LabWordEntity> findAllByOrderByWord();
}

/** Sheets in the database. */
interface SheetRepository extends JpaRepository<SheetEntity, Long> {

    List<SheetEntity> findAllByCuppingIdOrderById(long cuppingId);

    /** May be told; what each sheet counts for is asked afterwards. */
    String TOLD =
            " and (s.cupping.blinding.blind = barrowmist.core.cupping.Blindness.OPEN or s.cupping.blinding.revealedAt is not null)";

    @Query("select s from SheetEntity s join fetch s.cupping join fetch s.sample where s.roastId = :roastId" + TOLD
            + " order by s.id")
    List<SheetEntity> toldOfRoast(long roastId);

    @Query("select s from SheetEntity s join fetch s.cupping join fetch s.sample where s.roastId in"
            + " (select r.id from RoastEntity r where r.lot.id = :lotId and r.discardedReason is null)" + TOLD
            + " order by s.id")
    List<SheetEntity> toldOfLot(long lotId);

    @Query("select s from SheetEntity s join fetch s.cupping join fetch s.sample where s.cupping.id = :cuppingId"
            + " and s.roastId is not null" + TOLD + " order by s.id")
    List<SheetEntity> toldOfTable(long cuppingId);

    @Query("select s from SheetEntity s join fetch s.cupping join fetch s.sample where s.roastId in :roastIds" + TOLD
            + " order by s.id")
    List<SheetEntity> toldOfRoasts(Collection<Long> roastIds);

    @Query("select distinct r.id from SheetEntity s join RoastEntity r on r.id = s.roastId"
            + " where r.lot.id = :lotId and r.discardedReason is null and s.finalScore is not null" + TOLD)
    Set<Long> cuppedOfLot(long lotId);

    @Query("select distinct s.roastId from SheetEntity s where s.roastId is not null" + TOLD)
    Set<Long> roastsWithSheets();

    @Query(
            "select s from SheetEntity s where s.ownWords is not null"
                    + " and (s.cupping.blinding.blind = barrowmist.core.cupping.Blindness.OPEN or s.cupping.blinding.revealedAt is not null)")
    List<SheetEntity> withOwnWords();

    @Query("select s from SheetEntity s"
            + " where s.cupping.blinding.blind = barrowmist.core.cupping.Blindness.OPEN or s.cupping.blinding.revealedAt is not null"
            + " order by s.updatedAt desc, s.id desc")
    List<SheetEntity> lastTold(Pageable page);

    List<SheetEntity> findAllBySampleIdOrderById(long sampleId);

    Optional<SheetEntity> findBySampleIdAndSeat(long sampleId, String seat);

    List<SheetEntity> findAllByCuppingInOrderById(Collection<CuppingEntity> cuppings);

    /** Those that somebody may still finish: whoever got up from the table does not. */
    @Query("select s from SheetEntity s join fetch s.cupping join RoastEntity r on r.id = s.roastId"
            + " where s.finalScore is null and r.discardedReason is null and s.cupping.putAside = false and not exists (select x.id from SeatEntity x"
            + " where x.cupping = s.cupping and x.cupper = s.cupper and x.tokenHash is null)" + TOLD
            + " order by s.id desc")
    List<SheetEntity> halfFilled(Pageable page);
}
