checks(){ :; }; run_checks(){ :; }; bench(){ :; }
