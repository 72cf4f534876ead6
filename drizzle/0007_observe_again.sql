-- Evenings are read again: observations now say more of each pot, and what they need is kept with the evening.
DELETE FROM `observations`;
