# Changes the rules on purpose, one place at a time, and sees whether a test notices.

mutants() {
    mutated tier 'glowkettle.assess.*Rows,glowkettle.assess.FiredRow*,glowkettle.assess.HazardTier,glowkettle.assess.Contradictions,glowkettle.assess.Swelling,glowkettle.assess.Tier*' \
        'glowkettle.assess.HazardTier*Test,glowkettle.assess.ContradictionsTest,glowkettle.assess.HazardRowsTest,glowkettle.assess.RestedVoltageTest'
    mutated admission 'glowkettle.job.Admission,glowkettle.job.*Admission' \
        'glowkettle.job.*Test'
    mutated fit 'glowkettle.fit.*' 'glowkettle.fit.*'
    mutated costs 'glowkettle.open.PlanCosts,glowkettle.open.BackSteps' 'glowkettle.open.ByHandTest,glowkettle.open.*BackTest,glowkettle.open.BackStepsTest,glowkettle.open.TeardownTest'
}

# A group of rules and the tests that are to notice.
mutated() {
    say "Rules changed on purpose: $1"
    mvn -q -B -pl core org.pitest:pitest-maven:mutationCoverage -DtargetClasses="$2" -DtargetTests="$3" -DjvmArgs=-Djqwik.tries.default=200,-Dglow-kettle.remembered=0 \
        -DreportsDirectory="$home/core/target/mutants/$1" -DmutationThreshold=95 >"$state/mutants-$1.log" 2>&1 || true
    grep -a "Generated\|Killed\|Ran " "$state/mutants-$1.log" | sed 's/^>> *//' || true
}
