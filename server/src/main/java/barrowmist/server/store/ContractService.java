package barrowmist.server.store;

import barrowmist.core.check.Checks;
import barrowmist.core.decision.Contract;
import barrowmist.server.access.Member;
import barrowmist.server.green.LotEntity;
import barrowmist.server.green.LotService;
import barrowmist.server.store.StoreViews.ContractTerms;
import barrowmist.server.store.StoreViews.ContractView;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.time.Clock;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was agreed for a lot: its own points, else its supplier's; without any, the house's limits hold. */
@Service
@KeptInTurn
public class ContractService {

    private static final int LONGEST_NAME = 200;

    private final ContractRepository contracts;
    private final LotService lots;
    private final Clock clock;

    ContractService(ContractRepository contracts, LotService lots, Clock clock) {
        this.contracts = contracts;
        this.lots = lots;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    ContractView view(long lotId) {
        Optional<ContractEntity> own = contracts.findByLotId(lotId);
        Optional<ContractEntity> theirs =
                contracts.findBySupplierIgnoreCase(lots.get(lotId).supplier());
        return new ContractView(
                lotId, terms(own), terms(theirs), new ContractTerms(agreed(own).or(agreed(theirs)), null));
    }

    /** What holds for a lot. */
    @Transactional(readOnly = true)
    public Contract of(LotEntity lot) {
        return agreed(contracts.findByLotId(lot.id())).or(agreed(contracts.findBySupplierIgnoreCase(lot.supplier())));
    }

    /** What holds for each lot, by its number and its supplier; for those who need many. */
    @Transactional(readOnly = true)
    public Every every() {
        Map<Long, Contract> lotsOwn = new HashMap<>();
        Map<String, Contract> theirs = new HashMap<>();
        for (ContractEntity c : contracts.findAll()) {
            Optional.ofNullable(c.lotId()).ifPresent(id -> lotsOwn.put(id, c.terms()));
            Optional.ofNullable(c.supplier()).ifPresent(s -> theirs.put(key(s), c.terms()));
        }
        return new Every(lotsOwn, theirs);
    }

    /** All contracts. */
    public record Every(Map<Long, Contract> lots, Map<String, Contract> suppliers) {

        public Contract of(long lotId, String supplier) {
            return lots.getOrDefault(lotId, Contract.NONE).or(suppliers.getOrDefault(key(supplier), Contract.NONE));
        }
    }

    private static String key(String supplier) {
        return supplier.toLowerCase(Locale.ROOT);
    }

    private static Contract agreed(Optional<ContractEntity> kept) {
        return kept.map(c -> c.terms()).orElse(Contract.NONE);
    }

    private static ContractTerms terms(Optional<ContractEntity> kept) {
        return new ContractTerms(agreed(kept), kept.map(ContractEntity::version).orElse(0L));
    }

    @Transactional(readOnly = true)
    ContractTerms supplier(String name) {
        return terms(contracts.findBySupplierIgnoreCase(name));
    }

    /** @throws InputProblems if a point is out of its range */
    public ContractView keep(long lotId, ContractTerms terms) {
        lots.get(lotId);
        keep(contracts.findByLotId(lotId).orElseGet(() -> new ContractEntity(lotId, null)), terms);
        return view(lotId);
    }

    /** @throws InputProblems if a point is out of its range, or the name is none */
    public ContractTerms keep(String supplier, ContractTerms terms) {
        String name = supplier.strip();
        InputProblems.refuseIfAny(
                new Checks().name("supplier", "Supplier", name, LONGEST_NAME).problems());
        keep(contracts.findBySupplierIgnoreCase(name).orElseGet(() -> new ContractEntity(null, name)), terms);
        return supplier(name);
    }

    private void keep(ContractEntity contract, ContractTerms terms) {
        InputProblems.refuseIfAny(terms.contract().problems());
        Conflict.ifStale(terms.version(), contract.version(), "contract");
        contract.keep(terms.contract(), Member.nameOfCaller(), clock.instant());
        contracts.saveAndFlush(contract);
    }
}
