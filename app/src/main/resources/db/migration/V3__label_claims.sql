-- What a sanitising product claims on its label.
alter table product add column claim_log double precision;
alter table product add column claim_min_ml_per_l double precision;
alter table product add column claim_min_minutes double precision;
alter table product add column claim_min_c double precision;
