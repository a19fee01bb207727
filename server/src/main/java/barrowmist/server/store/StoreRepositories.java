package barrowmist.server.store;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Contracts in the database. */
interface ContractRepository extends JpaRepository<ContractEntity, Long> {

    Optional<ContractEntity> findByLotId(long lotId);

    Optional<ContractEntity> findBySupplierIgnoreCase(String supplier);
}

/** Lots in the store, in the database. */
interface LotStoreRepository extends JpaRepository<LotStoreEntity, Long> {

    /** Grams of green coffee that went into the roasts of a lot. */
    @Query(
            value = "select coalesce(sum(b.green_g), 0) from bench_sample b join roast r on r.id = b.roast_id"
                    + " where r.lot_id = :lotId and r.kind is distinct from 'pull'",
            nativeQuery = true)
    double roastedG(long lotId);

    /** A lot of which something may be left, with what is needed to say so. */
    interface Lying {
        long getLotId();

        String getName();

        double getKg();

        double getRoastedG();

        LocalDate getArrived();

        @Nullable
        LocalDate getMeasured();

        @Nullable
        String getContent();
    }

    @Query(
            value = "select l.id as lotId, l.name as name, l.kg as kg, l.arrival_date as arrived,"
                    + " coalesce((select sum(b.green_g) from bench_sample b join roast r on r.id = b.roast_id"
                    + " where r.lot_id = l.id and r.kind is distinct from 'pull'), 0) as roastedG,"
                    + " (select max(c.measured_on) from lot_check c where c.lot_id = l.id) as measured,"
                    + " s.content as content from lot l left join lot_store s on s.lot_id = l.id"
                    + " where not l.put_aside and exists (select 1 from lot_decision d where d.lot_id = l.id and d.outcome = 'buy'"
                    + " and d.id = (select max(e.id) from lot_decision e where e.lot_id = l.id))",
            nativeQuery = true)
    List<Lying> lying();
}

/** Measurements in the database. */
interface LotCheckRepository extends JpaRepository<LotCheckEntity, Long> {

    List<LotCheckEntity> findAllByLotIdOrderByMeasuredOn(long lotId);
}

/** Draws in the database. */
interface LotDrawRepository extends JpaRepository<LotDrawEntity, Long> {

    List<LotDrawEntity> findAllByLotIdOrderByIdDesc(long lotId);
}
